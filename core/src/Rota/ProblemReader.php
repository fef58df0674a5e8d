<?php

declare(strict_types=1);

namespace Marrow\Core\Rota;

use Marrow\Core\Fields\Document;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Fields\Values;

/** Reads a rota's problem out of the open document, and writes one. Years are of the calendar there, and from the first as 0 here. */
final class ProblemReader
{
    /** By which a chance may seem to rise: figures are rounded. */
    private const ROUNDED = 1e-9;

    private const MOST_CONFLICTS = 20_000;

    /**
     * @param  array<array-key, mixed>  $given
     *
     * @throws Refused naming the part that cannot be so
     */
    public static function read(array $given): RotaProblem
    {
        $document = new Document($given);
        $head = $document->read(RotaFields::problem());
        $first = $head->integer('first_year');
        $years = $head->integer('years');
        $lines = [];
        $parts = $document->several('lines', RotaProblem::MOST_LINES);
        foreach (array_values(is_array($given['lines'] ?? null) ? $given['lines'] : []) as $i => $line) {
            $read = self::line($parts[$i], is_array($line) ? $line : [], $first, $years);
            if (isset($lines[$read->id])) {
                throw Refused::at("lines.$i.id", "There is a line \"$read->id\" already.");
            }
            $lines[$read->id] = $read;
        }
        $conflicts = [];
        $parts = $document->several('conflicts', self::MOST_CONFLICTS);
        foreach (array_values(is_array($given['conflicts'] ?? null) ? $given['conflicts'] : []) as $i => $conflict) {
            $values = $parts[$i]->read(RotaFields::conflict());
            $conflicts[] = new RotaConflict(self::named($conflict, $lines, "conflicts.$i.lines"), $values->flag('never'), $values->number('hours'), $values->number('cages'));
        }
        $before = [];
        foreach ($document->several('before', self::MOST_CONFLICTS) as $growing) {
            $values = $growing->read(RotaFields::growing());
            $before[] = ['line' => $values->text('line'), 'sow' => $values->integer('sow')];
        }
        $limits = is_array($given['limits'] ?? []) ? $given['limits'] ?? [] : throw Refused::at('limits', 'This cannot be read.');

        return new RotaProblem($first, $years, $head->number('hour_price'), new RotaLimits(...array_map(static fn (Resource $resource): array => self::limit($limits[$resource->value] ?? null, $years, "limits.$resource->value"), Resource::cases())), array_values($lines), $conflicts, $before);
    }

    /** @return array<string, mixed> as read() reads it */
    public static function write(RotaProblem $problem): array
    {
        $year = static fn (int $year): int => $problem->firstYear + $year;
        $limits = [];
        foreach (Resource::cases() as $resource) {
            $of = $problem->limits->of($resource);
            if (array_any($of, static fn (float $limit): bool => $limit < INF)) {
                $limits[$resource->value] = count(array_unique($of)) === 1 ? $of[0] : array_map(static fn (float $limit): ?float => $limit === INF ? null : $limit, $of);
            }
        }

        return [
            'first_year' => $problem->firstYear,
            'years' => $problem->years,
            'hour_price' => $problem->hourPrice,
            'limits' => (object) $limits,
            'lines' => array_map(static fn (RotaLine $line): array => [
                'id' => $line->id,
                'weight' => $line->weight,
                'alive' => $line->alive,
                'renewed' => $line->renewed,
                'fails' => $line->fails,
                'stands' => $line->stands,
                ...($line->sowings === null ? [] : ['sowings' => $line->sowings]),
                'area_m2' => $line->area,
                'hours' => $line->hours,
                'cages' => $line->cages,
                'pinned' => array_map($year, $line->pinned),
                'forbidden' => array_map($year, $line->forbidden),
            ], $problem->lines),
            'conflicts' => array_map(static fn (RotaConflict $conflict): array => ['lines' => $conflict->lines, ...($conflict->never ? ['never' => true] : ['hours' => $conflict->hours, 'cages' => $conflict->cages])], $problem->conflicts),
            ...($problem->before === [] ? [] : ['before' => $problem->before]),
        ];
    }

    /**
     * @param  array<array-key, mixed>  $given
     *
     * @throws Refused
     */
    private static function line(Document $document, array $given, int $first, int $years): RotaLine
    {
        $values = $document->read(RotaFields::line());
        $chances = [];
        foreach (['alive', 'renewed'] as $key) {
            $chances[$key] = self::chances($given[$key] ?? null, $years) ?? throw $document->refused($key, sprintf('Of %s, %d chances from 0 to 1 are needed, one a year and one for the year after the last, none above the one before it.', $key, $years + 1));
        }

        return new RotaLine(
            $values->text('id'),
            $values->number('weight'),
            $chances['alive'],
            $chances['renewed'],
            $values->number('fails'),
            $values->integer('stands'),
            $values->has('sowings') ? $values->integer('sowings') : null,
            $values->number('area_m2'),
            $values->number('hours'),
            $values->number('cages'),
            self::years($values, 'pinned', $first),
            self::years($values, 'forbidden', $first),
        );
    }

    /** @return list<int> from the first as 0, ascending */
    private static function years(Values $values, string $key, int $first): array
    {
        $years = array_values(array_unique(array_map(static fn (int|float $year): int => (int) $year - $first, $values->numbers($key))));
        sort($years);

        return $years;
    }

    /** @return ?list<float> null where they cannot be so */
    private static function chances(mixed $given, int $years): ?array
    {
        if (! is_array($given) || count($given) < $years + 1) {
            return null;
        }
        $chances = [];
        foreach (array_slice(array_values($given), 0, $years + 1) as $chance) {
            if (! is_int($chance) && ! is_float($chance) || ! ($chance >= 0.0 && $chance <= 1.0) || $chances !== [] && $chance > end($chances) + self::ROUNDED) {
                return null;
            }
            $chances[] = (float) $chance;
        }

        return $chances;
    }

    /**
     * @param  array<string, RotaLine>  $lines
     * @return list<string>
     *
     * @throws Refused
     */
    private static function named(mixed $conflict, array $lines, string $path): array
    {
        $given = is_array($conflict) && is_array($conflict['lines'] ?? null) ? $conflict['lines'] : [];
        $named = [];
        foreach ($given as $id) {
            if (! is_string($id) || ! isset($lines[$id])) {
                throw Refused::at($path, is_string($id) ? "There is no line \"$id\"." : 'Name lines by their ids.');
            }
            $named[$id] = $id;
        }

        return count($named) > 1 ? array_map(strval(...), array_values($named)) : throw Refused::at($path, 'A conflict names two lines or more.');
    }

    /**
     * @return list<float> by year
     *
     * @throws Refused
     */
    private static function limit(mixed $given, int $years, string $path): array
    {
        $each = is_array($given) ? array_values($given) : array_fill(0, $years, $given);
        if (count($each) !== $years) {
            throw Refused::at($path, "One figure for every year is needed here, or $years, one a year.");
        }
        $limits = [];
        foreach ($each as $limit) {
            $limits[] = match (true) {
                $limit === null => INF,
                (is_int($limit) || is_float($limit)) && $limit >= 0.0 => (float) $limit,
                default => throw Refused::at($path, 'A limit is a number from 0 up, or left out.'),
            };
        }

        return $limits;
    }
}
