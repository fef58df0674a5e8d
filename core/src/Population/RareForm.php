<?php

declare(strict_types=1);

namespace Marrow\Core\Population;

use Marrow\Core\Fields\InvalidFigure;

/**
 * Whether a form of a gene that few plants had is still there after so many pickings. In each, the plants that gave seed are a
 * sample of those before, and carry c copies each (Alleles::copies): how many of them are of the form is binomial by its share
 * before (Wright 1931, Fisher 1930), and once it is none it is lost.
 */
final class RareForm
{
    /** Plants; a picking off more than this is taken to lose nothing, which is so to a hundredth. */
    private const MANY = 120;

    /**
     * Chance that it is still among the plants of the last.
     *
     * @param  list<int>  $plants  that gave seed, at each picking in turn, 1 … 1,000,000; none where it was never grown out
     * @param  float  $carriers  share of the first plants that had it, 0.0001 … 1
     * @param  float  $outcrossing  share of seed with foreign pollen, 0 … 1
     *
     * @throws InvalidFigure
     */
    public static function kept(array $plants, float $carriers, float $outcrossing = 1.0): float
    {
        InvalidFigure::unlessWithin('carriers', $carriers, 0.0001, 1.0);
        $copies = Alleles::copies($outcrossing);
        $sampled = [];
        foreach ($plants as $many) {
            InvalidFigure::unlessWithin('plants', $many, 1, 1_000_000);
            if ($many <= self::MANY) {
                $sampled[] = max(1, (int) round($many * $copies));
            }
        }
        // A plant has it that carries at least one copy.
        $share = 1.0 - (1.0 - $carriers) ** (1.0 / $copies);
        if ($sampled === []) {
            return 1.0;
        }
        // From the last backwards: how likely it is lost by then, for each number of copies among those before.
        $lost = null;
        for ($at = count($sampled) - 1; $at > 0; $at--) {
            $before = $sampled[$at - 1];
            $next = [];
            for ($of = 0; $of <= $before; $of++) {
                $next[] = self::expected($lost, $sampled[$at], $of / $before);
            }
            $lost = $next;
        }

        return 1.0 - self::expected($lost, $sampled[0], $share);
    }

    /**
     * @param  ?list<float>  $lost  by the number of copies among those drawn; null where nothing follows, and it is lost if there is none
     */
    private static function expected(?array $lost, int $drawn, float $share): float
    {
        if ($share <= 0.0) {
            return 1.0;
        }
        if ($share >= 1.0) {
            return $lost === null ? 0.0 : $lost[$drawn];
        }
        if ($lost === null) {
            return (1.0 - $share) ** $drawn;
        }
        // By the odds from one number to the next, from where it is likeliest: so that nothing underflows.
        $odds = $share / (1.0 - $share);
        $mode = min($drawn, (int) floor(($drawn + 1) * $share));
        $sum = $weight = 0.0;
        for ($of = $mode, $chance = 1.0; $of <= $drawn && $chance > 1e-15; $chance *= ($drawn - $of) / ($of + 1) * $odds, $of++) {
            $sum += $chance * $lost[$of];
            $weight += $chance;
        }
        for ($of = $mode, $chance = 1.0; $of > 0 && $chance > 1e-15;) {
            $chance *= $of / (($drawn - $of + 1) * $odds);
            $of--;
            $sum += $chance * $lost[$of];
            $weight += $chance;
        }

        return $sum / $weight;
    }
}
