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
    case WindFrom = 'wind_from';

    /** As the core reckons in it, and as a field says it. */
    public function unit(): string
    {
        return match ($this) {
            self::Mass => 'g',
            self::Temperature => '°C',
            self::Humidity => '% RH',
            self::Rain => 'mm',
            self::Wind => 'm/s',
            self::WindFrom => '°',
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
            self::WindFrom => 'where the wind comes from',
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
            self::WindFrom => [0.0, 360.0],
        };
    }

    /** Whether the readings of a day add up, as rain does; the others have a mean. */
    public function addsUp(): bool
    {
        return $this === self::Rain;
    }
}
