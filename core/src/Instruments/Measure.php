<?php

declare(strict_types=1);

namespace Marrow\Core\Instruments;

/** What an instrument measures. */
enum Measure: string
{
    case Mass = 'mass';
    case Temperature = 'temperature';
    case Humidity = 'humidity';
    case Rain = 'rain';
    case Wind = 'wind';
    /** The wind as a way to the east and to the north from which it comes: these have a mean, a bearing has none. */
    case WindEast = 'wind_east';
    case WindNorth = 'wind_north';

    /** As the core reckons in it, and as a field says it. */
    public function unit(): string
    {
        return match ($this) {
            self::Mass => 'g',
            self::Temperature => '°C',
            self::Humidity => '% RH',
            self::Rain => 'mm',
            self::Wind, self::WindEast, self::WindNorth => 'm/s',
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Mass => 'mass',
            self::Temperature => 'temperature',
            self::Humidity => 'humidity',
            self::Rain => 'rain',
            self::Wind => 'wind',
            self::WindEast => 'wind from the east',
            self::WindNorth => 'wind from the north',
        };
    }

    /** The measure that a field of this unit asks for; null of what no instrument tells. */
    public static function ofUnit(string $unit): ?self
    {
        return match ($unit) {
            'g' => self::Mass,
            '°C' => self::Temperature,
            '% RH' => self::Humidity,
            default => null,
        };
    }

    /** @return array{float, float} what can be: anything beyond is a fault of the instrument */
    public function bounds(): array
    {
        return match ($this) {
            self::Mass => [0.0, 1_000_000.0],
            self::Temperature => [-60.0, 80.0],
            self::Humidity => [0.0, 100.0],
            // In as long as a reading stands for; a day's at the most.
            self::Rain => [0.0, 500.0],
            self::Wind => [0.0, 75.0],
            self::WindEast, self::WindNorth => [-75.0, 75.0],
        };
    }

    /** Whether it is drawn over time; what is put into a field by the press of a button is not kept, and a part of the wind says nothing by itself. */
    public function isDrawn(): bool
    {
        return ! in_array($this, [self::Mass, self::WindEast, self::WindNorth], true);
    }

    /** Whether the readings of a day add up, as rain does; the others have a mean. */
    public function addsUp(): bool
    {
        return $this === self::Rain;
    }
}
