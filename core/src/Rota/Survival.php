<?php

declare(strict_types=1);

namespace Marrow\Core\Rota;

/**
 * How likely a line is kept by a pattern of growings: seed of it can still be sown in the year after the last. A lot dies
 * once; whether a growing fails is anew for each. Seed older than the last harvest is not fallen back on, which errs on the
 * safe side.
 *
 *     kept(lot) = Σ g(sₖ)·(1 − f)·fᵏ⁻¹·kept(lot harvested from sₖ) + [it suffices for more] g(years)·fⁿ
 */
final class Survival
{
    /** @var array<int, array<int, float>> of new seed, by its harvest year and the mask of sowings to come */
    private array $known = [];

    public function __construct(private readonly RotaLine $line, private readonly int $years) {}

    /**
     * @param  list<int>  $sowings  years from 0, ascending, that do not overlap and are harvested by the last year
     * @return float 0 … 1
     */
    public function kept(array $sowings): float
    {
        return $this->of($this->line->alive, 0, $sowings, $this->line->sowings);
    }

    /**
     * @param  list<float>  $lives  of the seed in hand, from a year on
     * @param  int  $from  the year of its first figure
     * @param  list<int>  $sowings
     */
    private function of(array $lives, int $from, array $sowings, ?int $suffices): float
    {
        $kept = 0.0;
        $here = 1.0;
        $n = 0;
        foreach ($sowings as $k => $sown) {
            if ($suffices !== null && $n >= $suffices) {
                return $kept;
            }
            $kept += $lives[max(0, $sown - $from)] * (1.0 - $this->line->fails) * $here * $this->ofNew($this->line->harvest($sown), array_slice($sowings, $k + 1));
            $here *= $this->line->fails;
            $n++;
        }

        return $suffices !== null && $n >= $suffices ? $kept : $kept + $lives[$this->years - $from] * $here;
    }

    /** @param  list<int>  $sowings  that come after its harvest */
    private function ofNew(int $harvest, array $sowings): float
    {
        $mask = 0;
        foreach ($sowings as $sown) {
            $mask |= 1 << $sown;
        }

        return $this->known[$harvest][$mask] ??= $this->of($this->line->renewed, $harvest, $sowings, null);
    }
}
