<?php

declare(strict_types=1);

namespace Marrow\Core\Instruments;

use DateTimeImmutable;
use DateTimeZone;
use Exception;

/**
 * What a logger or a station sent: {"readings": [{"at": "2026-09-14T10:00:00Z", "temperature_c": 18.2, "rh": 52, "rain_mm": 0,
 * "wind_ms": 3.1, "wind_from": 240}]}. Any figure may be missing; what cannot be is left out and counted.
 */
final readonly class SentReadings
{
    private const KEYS = ['temperature_c' => Measure::Temperature, 'rh' => Measure::Humidity, 'rain_mm' => Measure::Rain, 'wind_ms' => Measure::Wind];

    /** Rows at once: a month, every ten minutes. */
    private const MOST = 5000;

    /** min that its clock may be ahead. */
    private const AHEAD = 15;

    /** Days of the past that are told at all. */
    private const OLDEST = 800;

    /**
     * @param  list<Reading>  $readings
     * @param  int  $left  rows or figures that could not be used
     */
    private function __construct(public array $readings, public int $left) {}

    /**
     * @param  mixed  $sent  as JSON was read
     * @param  non-empty-list<Measure>  $measures  that this instrument has
     *
     * @throws Unreadable
     */
    public static function of(mixed $sent, array $measures, DateTimeImmutable $now): self
    {
        $rows = is_array($sent) && is_array($sent['readings'] ?? null) ? array_values($sent['readings']) : throw new Unreadable('It sent no readings.');
        if (count($rows) > self::MOST) {
            throw new Unreadable(sprintf('It sent %d readings at once; %d is the most.', count($rows), self::MOST));
        }
        $readings = [];
        $left = $ahead = 0;
        foreach ($rows as $row) {
            $at = is_array($row) ? self::moment($row['at'] ?? null, $now->getTimezone()) : null;
            if ($at === null || $at < $now->modify(sprintf('-%d days', self::OLDEST))) {
                $left++;

                continue;
            }
            if ($at > $now->modify(sprintf('+%d minutes', self::AHEAD))) {
                $ahead++;

                continue;
            }
            foreach (self::KEYS as $key => $measure) {
                $value = $row[$key] ?? null;
                if ($value === null || ! in_array($measure, $measures, true)) {
                    continue;
                }
                [$least, $most] = $measure->bounds();
                if ((is_int($value) || is_float($value)) && $value >= $least && $value <= $most) {
                    $readings[] = new Reading($measure, $at, (float) $value);
                } else {
                    $left++;
                }
            }
            array_push($readings, ...(in_array(Measure::WindEast, $measures, true) ? self::wind($row, $at) : []));
        }
        if ($readings === [] && $ahead > 0) {
            throw new Unreadable('Its clock is ahead of this garden’s: what it sent is of times that are yet to come.');
        }

        return new self($readings, $left + $ahead);
    }

    /**
     * @param  array<array-key, mixed>  $row
     * @return list<Reading> the wind as a way to the east and to the north; none where nobody said from where it came
     */
    private static function wind(array $row, DateTimeImmutable $at): array
    {
        [$from, $strong] = [$row['wind_from'] ?? null, $row['wind_ms'] ?? null];
        if ((! is_int($from) && ! is_float($from)) || $from < 0 || $from > 360 || (! is_int($strong) && ! is_float($strong)) || $strong < 0 || $strong > Measure::Wind->bounds()[1]) {
            return [];
        }

        return [new Reading(Measure::WindEast, $at, $strong * sin(deg2rad($from))), new Reading(Measure::WindNorth, $at, $strong * cos(deg2rad($from)))];
    }

    private static function moment(mixed $at, DateTimeZone $zone): ?DateTimeImmutable
    {
        if (! is_string($at) || preg_match('/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}(:\d{2}(\.\d+)?)?(Z|[+-]\d{2}:?\d{2})?$/', $at) !== 1) {
            return null;
        }
        try {
            // A moment without a zone is the garden's.
            return (new DateTimeImmutable($at, $zone))->setTimezone($zone);
        } catch (Exception) {
            return null;
        }
    }
}
