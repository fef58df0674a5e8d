<?php

declare(strict_types=1);

namespace Marrow\Core\Instruments;

use DateTimeImmutable;

/** What is foretold of one day; any figure may be missing. */
final readonly class ForecastDay
{
    /**
     * @param  string  $day  2026-09-15
     * @param  ?float  $low  °C
     * @param  ?float  $high  °C
     * @param  ?float  $rainMm  mm over the day
     * @param  ?float  $rainChance  share, that any falls
     * @param  ?float  $windMs  m/s, the strongest
     */
    public function __construct(public string $day, public ?float $low = null, public ?float $high = null, public ?float $rainMm = null, public ?float $rainChance = null, public ?float $windMs = null) {}

    /** mm from which a day is a day with rain. */
    public const RAIN = 1.0;

    /** Share from which it is said to be likely. */
    private const LIKELY = 0.5;

    public function isRainLikely(): bool
    {
        return $this->rainChance !== null ? $this->rainChance >= self::LIKELY : ($this->rainMm ?? 0.0) >= self::RAIN;
    }

    /**
     * Days as they are sent: {"forecast": [{"day": "2026-09-15", "low_c": 8, "high_c": 17, "rain_mm": 4, "rain_chance": 0.7, "wind_ms": 6}]}.
     *
     * @return list<self> of today and later, in order, each day once; what cannot be is left out
     */
    public static function sent(mixed $sent, DateTimeImmutable $now): array
    {
        $days = [];
        foreach (is_array($sent) && is_array($sent['forecast'] ?? null) ? $sent['forecast'] : [] as $row) {
            $day = is_array($row) ? ($row['day'] ?? null) : null;
            if (! is_string($day) || preg_match('/^\d{4}-\d{2}-\d{2}$/', $day) !== 1 || $day < $now->format('Y-m-d') || $day > $now->modify('+20 days')->format('Y-m-d')) {
                continue;
            }
            $figure = static function (string $key, float $least, float $most) use ($row): ?float {
                $value = $row[$key] ?? null;

                return (is_int($value) || is_float($value)) && $value >= $least && $value <= $most ? (float) $value : null;
            };
            $days[$day] = new self($day, $figure('low_c', -60, 60), $figure('high_c', -60, 70), $figure('rain_mm', 0, 500), $figure('rain_chance', 0, 1), $figure('wind_ms', 0, 75));
        }
        ksort($days);

        return array_slice(array_values($days), 0, 16);
    }
}
