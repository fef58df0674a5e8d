<?php

declare(strict_types=1);

namespace App\Bench;

use Marrow\Core\Rota\RotaConflict;
use Marrow\Core\Rota\RotaLimits;
use Marrow\Core\Rota\RotaLine;
use Marrow\Core\Rota\RotaProblem;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Problems for the rota, as hard as they come: about half of what all lines would like to have is given. */
final class RotaGardens
{
    /** Of what all lines would take if each were grown in a third of the years. */
    private const GIVEN = 0.6;

    public static function of(int $lines, int $years, int $seed): RotaProblem
    {
        $dice = new Randomizer(new Mt19937($seed));
        $between = static fn (float $from, float $to): float => $from + ($to - $from) * $dice->getInt(0, 1_000_000_000) / 1e9;
        $all = [];
        $area = $hours = $cages = 0.0;
        for ($n = 0; $n < $lines; $n++) {
            [$life, $age, $sound] = [$between(2.0, 12.0), $between(0.0, 4.0), $between(0.8, 1.0)];
            $lives = static fn (float $from, float $until): array => array_map(static fn (int $year): float => 1.0 / (1.0 + exp(($year + $from - $until) * 1.2)), range(0, $years));
            $alive = array_map(static fn (float $chance): float => $sound * $chance, $lives($age, $life));
            $all[] = $line = new RotaLine("line $n", $dice->getInt(0, 4) === 0 ? 2.0 : 1.0, $alive, $lives(0.0, $life + 2.0), $between(0.05, 0.25), $dice->getInt(0, 3) === 0 ? 2 : 1, $dice->getInt(0, 2) === 0 ? $dice->getInt(1, 3) : null, $between(0.5, 4.5), $between(1.0, 7.0), $dice->getInt(0, 6) === 0 ? 1.0 : 0.0);
            $area += $line->area * $line->stands / 3.0;
            $hours += $line->hours * $line->stands / 3.0;
            $cages += $line->cages / 3.0;
        }
        $groups = [];
        foreach ($all as $line) {
            $groups[$dice->getInt(1, max(1, intdiv($lines, 4)))][] = $line->id;
        }
        $conflicts = [];
        foreach ($groups as $group) {
            $kind = $dice->getInt(0, 2);
            if (count($group) > 1) {
                $conflicts[] = new RotaConflict($group, $kind === 0, $kind === 0 ? 0.0 : $between(0.0, 6.0), $kind === 2 ? 1.0 : 0.0);
            }
        }
        $each = static fn (float $limit): array => array_fill(0, $years, $limit);

        return new RotaProblem(2027, $years, RotaProblem::HOUR_PRICE, new RotaLimits($each($area * self::GIVEN), $each($hours * self::GIVEN), $each(max(1.0, round($cages * self::GIVEN + $lines / 20)))), $all, $conflicts);
    }
}
