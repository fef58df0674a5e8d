<?php

declare(strict_types=1);

namespace Marrow\Core\Rota\Internal;

/** The cheapest of a line's patterns where its growings have a price by the year of their sowing. */
final class Cheapest
{
    private const EQUAL = 1e-11;

    /**
     * @param  list<Pattern>  $patterns  the cheapest first
     * @param  array<int, float>  $prices  of a growing, by the year it is sown, 0 or more; INF where it cannot be
     * @return array{?Pattern, float} null and INF where there is none
     */
    public static function of(array $patterns, array $prices): array
    {
        $best = null;
        $least = INF;
        foreach ($patterns as $pattern) {
            // What follows costs no less by itself, and growings are never paid for.
            if ($pattern->cost > $least + self::EQUAL) {
                break;
            }
            $cost = $pattern->cost;
            foreach ($pattern->sown as $year) {
                $cost += $prices[$year];
            }
            if ($cost < $least - self::EQUAL || ($cost < $least + self::EQUAL && $best !== null && $pattern->tie() < $best->tie())) {
                $best = $pattern;
                $least = min($cost, $least);
            }
        }

        return [$best, $least];
    }
}
