<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Rota;

use Marrow\Core\Rota\Resource;
use Marrow\Core\Rota\RotaConflict;
use Marrow\Core\Rota\RotaLimits;
use Marrow\Core\Rota\RotaLine;
use Marrow\Core\Rota\RotaProblem;
use Marrow\Core\Rota\Survival;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Rotas to try the search on. */
final class Rotas
{
    public const ALIVE = [1.0, 0.95, 0.9, 0.8, 0.65, 0.5, 0.35];

    public const RENEWED = [1.0, 1.0, 0.98, 0.96, 0.93, 0.9, 0.86];

    /** @param  list<float>  $alive */
    public static function line(string $id, array $alive = self::ALIVE, float $weight = 1, float $fails = 0.1, int $stands = 1, ?int $sowings = null, float $area = 0, float $hours = 0, float $cages = 0): RotaLine
    {
        return new RotaLine($id, $weight, $alive, self::RENEWED, $fails, $stands, $sowings, $area, $hours, $cages);
    }

    /** Four lines on four square metres with one cage, of which two pairs would cross. */
    public static function four(): RotaProblem
    {
        return new RotaProblem(2027, 6, 0.01, new RotaLimits(array_fill(0, 6, 4.0), array_fill(0, 6, INF), array_fill(0, 6, 1.0)), [
            self::line('kale', sowings: 2, area: 3, hours: 5),
            self::line('leek', weight: 2, stands: 2, sowings: 1, area: 2, hours: 4),
            self::line('pepper', [0.9, 0.8, 0.7, 0.55, 0.4, 0.3, 0.2], sowings: 2, area: 1, hours: 3),
            self::line('rocket', fails: 0.2, sowings: 1, area: 1, hours: 2),
        ], [new RotaConflict(['kale', 'rocket'], true), new RotaConflict(['pepper', 'leek'], hours: 3, cages: 1)]);
    }

    /**
     * @param  float  $tight  limits, in parts of what all lines together would take in a third of the years
     */
    public static function random(int $seed, int $lines, int $years, float $tight = 0.6, float $hourPrice = 0.01): RotaProblem
    {
        $dice = new Randomizer(new Mt19937($seed));
        $all = [];
        $area = $hours = 0.0;
        for ($i = 0; $i < $lines; $i++) {
            $alive = $renewed = [];
            [$now, $new] = [self::between($dice, 0.5, 1.0), self::between($dice, 0.8, 1.0)];
            for ($year = 0; $year <= $years; $year++) {
                $alive[] = $now;
                $renewed[] = $new;
                $now *= self::between($dice, 0.5, 1.0);
                $new *= self::between($dice, 0.8, 1.0);
            }
            $forbidden = $dice->getInt(0, 4) === 0 ? [$dice->getInt(0, $years - 1)] : [];
            $pinned = $dice->getInt(0, 9) === 0 ? array_values(array_diff([$dice->getInt(0, $years - 2)], $forbidden)) : [];
            $all[] = $line = new RotaLine("line $i", $dice->getInt(1, 3), $alive, $renewed, self::between($dice, 0.0, 0.4), $dice->getInt(0, 2) === 0 ? 2 : 1, $dice->getInt(0, 2) === 0 ? $dice->getInt(0, 3) : null, self::between($dice, 0.5, 4.0), self::between($dice, 0.5, 6.0), (float) $dice->getInt(0, 1), $pinned, $forbidden);
            $area += $line->area * $line->stands / 3;
            $hours += $line->hours * $line->stands / 3;
        }
        $conflicts = [];
        for ($i = 0; $i < intdiv($lines, 2); $i++) {
            $members = array_values(array_unique(array_map(static fn (): string => 'line '.$dice->getInt(0, $lines - 1), range(1, $dice->getInt(2, 3)))));
            if (count($members) > 1) {
                $never = $dice->getInt(0, 1) === 0;
                $conflicts[] = new RotaConflict($members, $never, $never ? 0.0 : self::between($dice, 0.0, 5.0), $never ? 0.0 : (float) $dice->getInt(0, 1));
            }
        }
        $limits = new RotaLimits(array_fill(0, $years, max(4.0, $area * $tight)), array_fill(0, $years, max(12.0, $hours * $tight)), array_fill(0, $years, 1.0 + intdiv($lines, 6)));

        return new RotaProblem(2027, $years, $hourPrice, $limits, $all, $conflicts);
    }

    public static function between(Randomizer $dice, float $least, float $most): float
    {
        return $least + ($most - $least) * $dice->getInt(0, 1_000_000_000) / 1e9;
    }

    /** The cost of the best rota, found by trying all; INF where none keeps to what is asked. */
    public static function cheapest(RotaProblem $problem): float
    {
        $ways = [];
        foreach ($problem->lines as $line) {
            $survival = new Survival($line, $problem->years);
            $ways[] = array_map(static fn (array $sown): array => [$line, $sown, $line->weight * (1.0 - $survival->kept($sown))], self::ways($line, $problem->years));
        }
        $least = INF;
        $try = static function (int $l, array $chosen) use (&$try, &$least, $ways, $problem): void {
            if (isset($ways[$l])) {
                foreach ($ways[$l] as $way) {
                    $try($l + 1, [...$chosen, $way]);
                }
            } else {
                $least = min($least, self::costOf($problem, $chosen));
            }
        };
        $try(0, []);

        return $least;
    }

    /**
     * By the definition, year by year.
     *
     * @param  list<array{RotaLine, list<int>, float}>  $chosen  line, years of sowing, weighed loss
     */
    private static function costOf(RotaProblem $problem, array $chosen): float
    {
        $cost = array_sum(array_column($chosen, 2));
        for ($year = 0; $year < $problem->years; $year++) {
            $area = $hours = $cages = 0.0;
            $flowers = [];
            foreach ($chosen as [$line, $sown]) {
                foreach ($sown as $from) {
                    if ($year >= $from && $year < $from + $line->stands) {
                        $area += $line->area;
                        $hours += $line->hours;
                    }
                    if ($year === $from + $line->stands - 1) {
                        $cages += $line->cages;
                        $flowers[$line->id] = true;
                    }
                }
            }
            foreach ($problem->conflicts as $conflict) {
                $beyond = count(array_intersect_key($flowers, array_fill_keys($conflict->lines, true))) - 1;
                if ($beyond > 0 && $conflict->never) {
                    return INF;
                }
                $hours += max(0, $beyond) * $conflict->hours;
                $cages += max(0, $beyond) * $conflict->cages;
            }
            if ($area > $problem->limits->area[$year] + 1e-9 || $hours > $problem->limits->hours[$year] + 1e-9 || $cages > $problem->limits->cages[$year] + 1e-9) {
                return INF;
            }
            $cost += $problem->hourPrice * $hours;
        }

        return $cost;
    }

    public static function limits(RotaProblem $problem, Resource $resource, float $by): RotaProblem
    {
        return $problem->withLimits($problem->limits->raised($resource, $by));
    }

    /** @return list<list<int>> */
    private static function ways(RotaLine $line, int $years): array
    {
        $ways = [];
        for ($mask = 0; $mask < 1 << $years; $mask++) {
            $sown = array_values(array_filter(range(0, $years - 1), static fn (int $year): bool => ($mask >> $year & 1) === 1));
            $fits = array_diff($line->pinned, $sown) === [] && array_intersect($line->forbidden, $sown) === [];
            foreach ($sown as $k => $year) {
                $fits = $fits && $year + $line->stands <= ($sown[$k + 1] ?? $years);
            }
            if ($fits) {
                $ways[] = $sown;
            }
        }

        return $ways;
    }
}
