<?php

declare(strict_types=1);

namespace Marrow\Core\Selection;

use Marrow\Core\Statistics\Interval;
use Marrow\Core\Statistics\Student;

/** A trait in one year's planting of a variety: what its plants were like, and those of them that became parents. */
final readonly class TraitYear
{
    /**
     * @param  int  $plants  that were scored
     * @param  ?Interval  $limits  of the mean, 95 %, by Student's t; null of one plant
     * @param  ?float  $parents  mean of those that became parents; null where nobody said which
     */
    private function __construct(public int $plants, public float $mean, public ?Interval $limits, public ?float $parents) {}

    /**
     * @param  array<int, float>  $scores  by the number of the plant, struck-out ones left out
     * @param  list<int>  $kept  numbers of the parents
     * @return ?self null where none was scored
     */
    public static function of(array $scores, array $kept): ?self
    {
        $n = count($scores);
        if ($n === 0) {
            return null;
        }
        $mean = array_sum($scores) / $n;
        $parents = array_intersect_key($scores, array_flip($kept));
        $limits = null;
        if ($n > 1) {
            $variance = array_sum(array_map(static fn (float $one): float => ($one - $mean) ** 2, $scores)) / ($n - 1);
            $half = Student::beyond($n - 1, 0.05) * sqrt($variance / $n);
            $limits = new Interval($mean - $half, $mean + $half);
        }

        return new self($n, $mean, $limits, $parents === [] ? null : array_sum($parents) / count($parents));
    }

    /**
     * The one trait besides health that a variety was chosen by for so many years on end; null where there were several, or another.
     *
     * @param  list<list<string>>  $years  names of the traits of each year, the oldest first
     */
    public static function alone(array $years, int $most): ?string
    {
        if (count($years) < $most) {
            return null;
        }
        $named = array_map(static fn (array $names): array => array_values(array_filter(array_map(mb_strtolower(...), $names), static fn (string $name): bool => $name !== TraitList::HEALTH)), array_slice($years, -$most));
        $first = $named[0];

        return count($first) === 1 && array_all($named, static fn (array $names): bool => $names === $first) ? $first[0] : null;
    }
}
