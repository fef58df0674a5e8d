<?php

declare(strict_types=1);

namespace Marrow\Core\Rota\Internal;

use Marrow\Core\Rota\Cliques;
use Marrow\Core\Rota\Resource;
use Marrow\Core\Rota\RotaConflict;
use Marrow\Core\Rota\RotaLine;
use Marrow\Core\Rota\RotaProblem;

/**
 * The problem as the search goes over it: a choice of one pattern a line. Lines and conflicts stand in an order of their
 * own, so that the order in which they were given makes no difference.
 */
final readonly class Model
{
    /**
     * @param  list<RotaLine>  $lines  by id
     * @param  list<list<Pattern>>  $patterns  of each line
     * @param  list<RotaConflict>  $conflicts  those of which something follows
     * @param  list<list<int>>  $members  lines of each conflict
     * @param  list<list<int>>  $conflictsOf  conflicts of each line
     * @param  list<list<float>>  $limits  area, hours and cages, by year
     */
    private function __construct(
        public RotaProblem $problem,
        public int $years,
        public array $lines,
        public array $patterns,
        public array $conflicts,
        public array $members,
        public array $conflictsOf,
        public array $limits,
    ) {}

    /** @return ?self null where some line's own pins cannot be met */
    public static function of(RotaProblem $problem): ?self
    {
        $lines = $problem->lines;
        usort($lines, static fn (RotaLine $a, RotaLine $b): int => strcmp($a->id, $b->id));
        $at = [];
        $patterns = [];
        foreach ($lines as $l => $line) {
            $at[$line->id] = $l;
            $patterns[] = $own = Patterns::of($line, $problem);
            if ($own === []) {
                return null;
            }
        }
        $conflicts = self::conflicts($problem);
        $members = [];
        $of = array_fill(0, count($lines), []);
        foreach ($conflicts as $c => $conflict) {
            $members[] = array_map(static fn (string $id): int => $at[$id], $conflict->lines);
            foreach (array_map(static fn (string $id): int => $at[$id], $conflict->lines) as $l) {
                $of[$l][] = $c;
            }
        }

        return new self($problem, $problem->years, $lines, $patterns, $conflicts, $members, $of, array_map($problem->limits->of(...), Resource::cases()));
    }

    /** How much what is taken of each limit, and how many flower of each conflict, answers to its price: by that, prices of different things are moved alike. */
    public function weights(): Prices
    {
        $of = fn (float $weight): array => array_fill(0, $this->years, max(1e-6, $weight));
        $area = $hours = $cages = 0.0;
        foreach ($this->lines as $line) {
            $area += $line->area ** 2;
            $hours += $line->hours ** 2;
            $cages += $line->cages ** 2;
        }
        foreach ($this->conflicts as $c => $conflict) {
            $hours += count($this->members[$c]) * $conflict->hours ** 2;
            $cages += count($this->members[$c]) * $conflict->cages ** 2;
        }

        return new Prices([$of($area), $of($hours), $of($cages)], array_map(static fn (array $members): array => $of((float) count($members)), $this->members));
    }

    /**
     * Lines of which no two may flower in one year in groups as large as can be: of a group it is known that at most one does,
     * which bounds the search far better than the same said of each pair. What never happens asks nothing besides.
     *
     * @param  list<RotaConflict>  $conflicts
     * @return list<RotaConflict> with the same meaning
     */
    private static function grouped(array $conflicts): array
    {
        $pairs = [];
        foreach ($conflicts as $conflict) {
            foreach ($conflict->never ? $conflict->lines : [] as $n => $a) {
                foreach (array_slice($conflict->lines, $n + 1) as $b) {
                    $pairs[] = [$a, $b];
                }
            }
        }

        return [
            ...array_values(array_filter($conflicts, static fn (RotaConflict $conflict): bool => ! $conflict->never)),
            ...array_map(static fn (array $group): RotaConflict => new RotaConflict($group, true), Cliques::of($pairs)),
        ];
    }

    /** @return list<RotaConflict> */
    private static function conflicts(RotaProblem $problem): array
    {
        $conflicts = [];
        foreach (self::grouped($problem->conflicts) as $conflict) {
            $ids = array_values(array_unique($conflict->lines));
            sort($ids);
            if (count($ids) > 1 && ($conflict->never || $conflict->hours > 0.0 || $conflict->cages > 0.0)) {
                $conflicts[] = new RotaConflict($ids, $conflict->never, $conflict->hours, $conflict->cages);
            }
        }
        usort($conflicts, static fn (RotaConflict $a, RotaConflict $b): int => [$a->lines, $a->never, $a->hours, $a->cages] <=> [$b->lines, $b->never, $b->hours, $b->cages]);

        return $conflicts;
    }
}
