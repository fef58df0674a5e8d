<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Holding;

use Marrow\Core\Fields\DayText;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldList;
use Marrow\Core\Fields\Refused;

/**
 * What a logger wrote down of the air of a place: rows of a table with a day, a temperature and a humidity in them, whatever
 * their headings and their order. Seed follows the air in weeks, so its mean over each month is what counts.
 */
final readonly class LoggerReadings
{
    /** Readings of fewer days tell nothing of a month. */
    private const FEWEST_DAYS = 3;

    /** @param  array<string, array{from: string, temperature: float, rh: float, readings: int}>  $months  by year and month; from is the first day of it that was read */
    private function __construct(public array $months, public int $left) {}

    /**
     * @param  list<list<string>>  $rows  with their headings first
     * @param  ?bool  $monthFirst  the custom of the writer for 9/4/2026; null where it is not known
     *
     * @throws Refused naming what is missing
     */
    public static function of(array $rows, ?bool $monthFirst = null): self
    {
        $headings = array_map(mb_strtolower(...), $rows[0] ?? []);
        $at = self::column($headings, ['time', 'date', 'day', 'when']) ?? throw Refused::at('rows', 'There is no column of days or times in this list.');
        $temperature = self::column($headings, ['temp', '°c', '°f', 'celsius', 'fahrenheit']) ?? throw Refused::at('rows', 'There is no column of temperatures in this list.');
        $rh = self::column($headings, ['humid', 'rh', '%']) ?? throw Refused::at('rows', 'There is no column of humidities in this list.');
        $isFahrenheit = preg_match('/°?\bf\b|fahrenheit|°f/u', $headings[$temperature]) === 1;
        $read = [];
        $left = 0;
        foreach (array_slice($rows, 1) as $row) {
            $day = self::day($row[$at] ?? '', $monthFirst);
            $reading = self::reading($row[$temperature] ?? '', $row[$rh] ?? '', $isFahrenheit);
            if ($day === null || $reading === null) {
                $left++;
            } else {
                $read[substr($day, 0, 7)][] = [$day, ...$reading];
            }
        }
        ksort($read);
        $months = [];
        foreach ($read as $month => $readings) {
            $days = array_unique(array_column($readings, 0));
            sort($days);
            if (count($days) >= self::FEWEST_DAYS) {
                $n = count($readings);
                $months[$month] = ['from' => $days[0], 'temperature' => round(array_sum(array_column($readings, 1)) / $n, 1), 'rh' => round(array_sum(array_column($readings, 2)) / $n, 1), 'readings' => $n];
            }
        }

        return $months === [] ? throw Refused::at('rows', sprintf('Nothing in this list tells of a month: at least %d days of one are wanted, each with a temperature and a humidity.', self::FEWEST_DAYS)) : new self($months, $left);
    }

    /**
     * @param  list<string>  $headings
     * @param  list<string>  $names
     */
    private static function column(array $headings, array $names): ?int
    {
        foreach ($names as $name) {
            foreach ($headings as $i => $heading) {
                if (str_contains($heading, $name)) {
                    return $i;
                }
            }
        }

        return null;
    }

    private static function day(string $written, ?bool $monthFirst): ?string
    {
        $day = trim((string) preg_replace('/[T ,]+\d{1,2}:\d{2}.*$/', '', trim($written)));

        return DayText::read(str_replace('/', preg_match('~^\d{4}/~', $day) === 1 ? '-' : '/', $day), $monthFirst);
    }

    /** @return ?array{float, float} °C and per cent, within what a place can have */
    private static function reading(string $temperature, string $rh, bool $isFahrenheit): ?array
    {
        $fields = FieldList::of(Field::number('t', 'Temperature', $isFahrenheit ? '' : '°C', $isFahrenheit ? -22 : -30, $isFahrenheit ? 113 : 45), Field::number('rh', 'Humidity', '% RH', 2, 97));
        try {
            $read = $fields->read(['t' => trim($temperature), 'rh' => trim($rh)]);
        } catch (Refused) {
            return null;
        }
        $degrees = $read->number('t');

        return [$isFahrenheit ? ($degrees - 32.0) / 1.8 : $degrees, $read->number('rh')];
    }
}
