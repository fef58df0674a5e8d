<?php

declare(strict_types=1);

namespace Marrow\Core\Rota;

/** Why a line is grown in a year, in a sentence: what it is kept with and without, and what waiting would cost. */
final class Why
{
    public static function of(Rota $rota, Growing $growing): string
    {
        $problem = $rota->problem;
        $line = $problem->line($growing->line);
        if ($line === null) {
            return '';
        }
        $all = $rota->sowings[$line->id];
        $survival = new Survival($line, $problem->years);
        $without = $survival->kept(array_values(array_diff($all, [$growing->sow])));
        $with = $rota->kept[$line->id];
        $pinned = in_array($growing->sow, $line->pinned, true) ? 'Pinned by you. ' : '';
        [$seed, $chance] = self::seed($line, $all, $growing->sow);

        return sprintf(
            '%s%s can still renew it then with %s. It is kept with %s, and without this growing with %s.',
            $pinned,
            $seed === null ? 'The seed now held' : 'Seed harvested in '.($problem->firstYear + $seed),
            self::per($chance),
            self::per($with),
            self::per($without),
        );
    }

    /**
     * @param  list<int>  $all
     * @return array{?int, float} harvest year of the seed it would be sown from if all goes well, null for the seed now held; the chance of that
     */
    private static function seed(RotaLine $line, array $all, int $sown): array
    {
        $last = null;
        foreach ($all as $other) {
            $last = $other < $sown ? $line->harvest($other) : $last;
        }

        return $last === null ? [null, $line->alive[$sown]] : [$last, $line->renewed[$sown - $last]];
    }

    private static function per(float $chance): string
    {
        return match (true) {
            $chance >= 0.995 && $chance < 1.0 => 'more than 99 %',
            $chance > 0.0 && $chance < 0.005 => 'less than 1 %',
            default => round(100 * $chance).' %',
        };
    }
}
