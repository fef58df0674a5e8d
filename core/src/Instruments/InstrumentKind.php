<?php

declare(strict_types=1);

namespace Marrow\Core\Instruments;

use Marrow\Core\Fields\Choice;

/** What sort of instrument it is. */
enum InstrumentKind: string implements Choice
{
    case Scale = 'scale';
    case Logger = 'logger';
    case Weather = 'weather';

    public function label(): string
    {
        return match ($this) {
            self::Scale => 'scale',
            self::Logger => 'logger of temperature and humidity',
            self::Weather => 'weather: a station, a forecast, or both',
        };
    }

    /** @return non-empty-list<Measure> */
    public function measures(): array
    {
        return match ($this) {
            self::Scale => [Measure::Mass],
            self::Logger => [Measure::Temperature, Measure::Humidity],
            self::Weather => [Measure::Temperature, Measure::Humidity, Measure::Rain, Measure::Wind, Measure::WindEast, Measure::WindNorth],
        };
    }
}
