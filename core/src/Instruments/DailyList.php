<?php

declare(strict_types=1);

namespace Marrow\Core\Instruments;

use DateTimeImmutable;
use DateTimeZone;
use Marrow\Core\Fields\DayText;
use Marrow\Core\Fields\Refused;

/**
 * The weather of days gone by, as a list of it says: a row a day, with its least and greatest temperature, or its mean, its
 * humidity and its rain, whatever its headings and their order.
 */
final readonly class DailyList
{
    /** What a column is by, and the hour of the day that its figure is taken to be of. */
    private const COLUMNS = [
        ['words' => ['low', 'min', 'least', 'night'], 'measure' => Measure::Temperature, 'hour' => 5],
        ['words' => ['high', 'max', 'greatest'], 'measure' => Measure::Temperature, 'hour' => 15],
        ['words' => ['rain', 'precip', 'niederschlag', 'pluie', 'lluvia', 'pioggia', 'neerslag'], 'measure' => Measure::Rain, 'hour' => 12],
        ['words' => ['humid', 'rh'], 'measure' => Measure::Humidity, 'hour' => 12],
        ['words' => ['wind'], 'measure' => Measure::Wind, 'hour' => 12],
        ['words' => ['temp', '°c', '°f', 'mean'], 'measure' => Measure::Temperature, 'hour' => 12],
    ];

    /**
     * @param  list<Reading>  $readings
     * @param  int  $left  rows or figures that could not be read
     */
    private function __construct(public array $readings, public int $days, public int $left) {}

    /**
     * @param  list<list<string>>  $rows  with their headings first
     * @param  non-empty-list<Measure>  $measures  that the instrument has
     * @param  ?bool  $monthFirst  the custom of the writer for 9/4/2026; null where it is not known
     *
     * @throws Refused naming what is missing
     */
    public static function of(array $rows, array $measures, DateTimeImmutable $now, ?bool $monthFirst = null): self
    {
        $headings = array_map(mb_strtolower(...), $rows[0] ?? []);
        $at = array_find_key($headings, static fn (string $heading): bool => preg_match('/date|day|time|when|datum|tag|jour|fecha|giorno|dag/u', $heading) === 1);
        if ($at === null) {
            throw Refused::at('rows', 'There is no column of days in this list.');
        }
        $columns = self::columns($headings, (int) $at, $measures);
        if ($columns === []) {
            throw Refused::at('rows', 'There is no column of temperatures, humidity, rain or wind in this list.');
        }
        $readings = $days = [];
        $left = 0;
        foreach (array_slice($rows, 1) as $row) {
            $day = DayText::read(trim((string) preg_replace('/[T ,]+\d{1,2}:\d{2}.*$/', '', trim($row[$at] ?? ''))), $monthFirst);
            if ($day === null || $day >= $now->format('Y-m-d') || $day < '1950-01-01') {
                $left++;

                continue;
            }
            foreach ($columns as $i => [$measure, $hour, $isFahrenheit]) {
                $figure = self::figure($row[$i] ?? '', $measure, $isFahrenheit);
                if ($figure !== null) {
                    $readings[] = new Reading($measure, self::moment($day, $hour, $now->getTimezone()), $figure);
                    $days[$day] = true;
                } elseif (trim($row[$i] ?? '') !== '') {
                    $left++;
                }
            }
        }

        return $days === [] ? throw Refused::at('rows', 'No day of this list could be read.') : new self($readings, count($days), $left);
    }

    /**
     * @param  list<string>  $headings
     * @param  non-empty-list<Measure>  $measures
     * @return array<int, array{Measure, int, bool}> by column: what it is, its hour, whether in °F
     */
    private static function columns(array $headings, int $days, array $measures): array
    {
        $columns = [];
        foreach ($headings as $i => $heading) {
            if ($i === $days) {
                continue;
            }
            foreach (self::COLUMNS as ['words' => $words, 'measure' => $measure, 'hour' => $hour]) {
                // One of each: a second column of the same would take the place of the first.
                $isTaken = array_any($columns, static fn (array $column): bool => $column[0] === $measure && $column[1] === $hour);
                if (in_array($measure, $measures, true) && ! $isTaken && array_any($words, static fn (string $word): bool => str_contains($heading, $word))) {
                    $columns[$i] = [$measure, $hour, preg_match('/°f|\bf\b|fahrenheit/u', $heading) === 1];

                    break;
                }
            }
        }

        return $columns;
    }

    private static function figure(string $written, Measure $measure, bool $isFahrenheit): ?float
    {
        $plain = str_replace([',', "\u{2212}"], ['.', '-'], trim($written));
        if (! is_numeric($plain)) {
            return null;
        }
        $value = $isFahrenheit && $measure === Measure::Temperature ? ((float) $plain - 32.0) / 1.8 : (float) $plain;
        [$least, $most] = $measure->bounds();

        return $value >= $least && $value <= $most ? $value : null;
    }

    private static function moment(string $day, int $hour, DateTimeZone $zone): DateTimeImmutable
    {
        return new DateTimeImmutable(sprintf('%s %02d:00', $day, $hour), $zone);
    }
}
