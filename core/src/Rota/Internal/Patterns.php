<?php

declare(strict_types=1);

namespace Marrow\Core\Rota\Internal;

use Marrow\Core\Rota\RotaLine;
use Marrow\Core\Rota\RotaProblem;
use Marrow\Core\Rota\Survival;

/**
 * The years in which a line can be sown, all the ways that may be part of a best rota. One that asks for growings beyond
 * another's, and costs no less by itself, never is: the other uses no more of anything.
 */
final class Patterns
{
    private const EQUAL = 1e-12;

    /** @return list<Pattern> the cheapest first; none where its pins cannot be met */
    public static function of(RotaLine $line, RotaProblem $problem): array
    {
        $before = [];
        foreach ($problem->before as $growing) {
            if ($growing['line'] === $line->id) {
                $before[$growing['sow'] - $problem->firstYear] = true;
            }
        }
        $survival = new Survival($line, $problem->years);
        $all = [];
        foreach (self::masks($line, $problem->years) as $mask => $sown) {
            $all[$mask] = self::pattern($line, $problem, $survival, $mask, $sown, $before);
        }
        // By number of growings, so that whatever a pattern holds was looked at before it.
        $cheapest = [];
        $worth = [];
        $masks = array_keys($all);
        usort($masks, static fn (int $a, int $b): int => count($all[$a]->sown) <=> count($all[$b]->sown));
        foreach ($masks as $mask) {
            $within = INF;
            foreach ($all[$mask]->sown as $year) {
                $within = min($within, $cheapest[$mask & ~(1 << $year)] ?? INF);
            }
            $pattern = $all[$mask];
            $isWorth = $pattern->keeps > 0 ? $pattern->cost <= $within + self::EQUAL : $pattern->cost < $within - self::EQUAL;
            if ($isWorth || $within === INF) {
                $worth[] = $pattern;
            }
            $cheapest[$mask] = min($within, $pattern->cost);
        }
        usort($worth, static fn (Pattern $a, Pattern $b): int => [$a->cost, $a->tie(), $a->mask] <=> [$b->cost, $b->tie(), $b->mask]);

        return $worth;
    }

    /** @return array<int, list<int>> years by mask: those that hold the pinned, do not overlap and are ripe in time */
    private static function masks(RotaLine $line, int $years): array
    {
        $pinned = array_fill_keys($line->pinned, true);
        $forbidden = array_fill_keys($line->forbidden, true);
        $found = [0 => []];
        foreach (array_keys($pinned) as $year) {
            if ($year < 0 || $line->harvest($year) >= $years || isset($forbidden[$year])) {
                return [];
            }
        }
        for ($year = 0; $year <= $years - $line->stands; $year++) {
            foreach ($found as $mask => $sown) {
                $isFree = $sown === [] || $line->harvest($sown[count($sown) - 1]) < $year;
                if ($isFree && ! isset($forbidden[$year])) {
                    $found[$mask | 1 << $year] = [...$sown, $year];
                }
                if (isset($pinned[$year])) {
                    unset($found[$mask]);
                }
            }
        }

        return $found;
    }

    /**
     * @param  list<int>  $sown
     * @param  array<int, true>  $before
     */
    private static function pattern(RotaLine $line, RotaProblem $problem, Survival $survival, int $mask, array $sown, array $before): Pattern
    {
        $flowers = $stands = [];
        $keeps = 0;
        foreach ($sown as $year) {
            $flowers[] = $line->harvest($year);
            for ($on = $year; $on <= $line->harvest($year); $on++) {
                $stands[] = $on;
            }
            $keeps += isset($before[$year]) ? 1 : 0;
        }

        return new Pattern($mask, $sown, $flowers, $stands, $line->weight * (1.0 - $survival->kept($sown)) + $problem->hourPrice * $line->hours * count($stands), $keeps);
    }
}
