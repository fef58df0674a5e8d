<?php

declare(strict_types=1);

namespace Marrow\Core\Statistics;

/**
 * Normals of one width about several middles, each as likely as the next. Thousands of its shares are summed for a
 * worksheet, so they are taken to within 1e-7 (Abramowitz & Stegun 26.2.17).
 */
final readonly class NormalMixture
{
    private const DENSITY = 0.3989422804014327;

    /** Most steps of the search for a quantile; even halving alone takes fewer from any bounds that matter. */
    private const TURNS = 60;

    /** So many widths beyond the outermost middles lies nothing that counts. */
    private const BEYOND = 8.0;

    /**
     * @param  non-empty-list<float>  $middles
     * @param  float  $width  standard deviation of each, above 0
     */
    public function __construct(private array $middles, private float $width) {}

    /** Share that lies below a mark. */
    public function below(float $mark): float
    {
        return $this->at($mark)[0];
    }

    /**
     * The mark below which a share of it lies: by Newton's steps, and by halving where one would leave what is known to hold it.
     *
     * @param  float  $share  strictly between 0 and 1; nearer to either than 1e-6 the tails are too rough
     *
     * @throws \Marrow\Core\Fields\InvalidFigure when there is no such mark
     */
    public function quantile(float $share): float
    {
        $low = min($this->middles) - self::BEYOND * $this->width;
        $high = max($this->middles) + self::BEYOND * $this->width;
        // It begins where a single normal of the same middle and width would have it.
        $mean = array_sum($this->middles) / count($this->middles);
        $square = 0.0;
        foreach ($this->middles as $middle) {
            $square += ($middle - $mean) ** 2;
        }
        $mark = max($low, min($high, $mean + Normal::probit($share) * sqrt($this->width ** 2 + $square / count($this->middles))));
        for ($turn = 0; $turn < self::TURNS; $turn++) {
            [$below, $density] = $this->at($mark);
            $below < $share ? $low = $mark : $high = $mark;
            $next = $density > 0.0 ? $mark - ($below - $share) / $density : $low;
            $next = $next > $low && $next < $high ? $next : ($low + $high) / 2.0;
            if (abs($next - $mark) < 1e-7) {
                return $next;
            }
            $mark = $next;
        }

        return $mark;
    }

    /** @return array{float, float} the share below a mark, and the density there: both go by the same power of e */
    private function at(float $mark): array
    {
        $below = $density = 0.0;
        foreach ($this->middles as $middle) {
            $z = ($mark - $middle) / $this->width;
            $bell = self::DENSITY * exp(-$z * $z / 2.0);
            $t = 1.0 / (1.0 + 0.2316419 * ($z < 0.0 ? -$z : $z));
            $tail = $bell * $t * (0.319381530 + $t * (-0.356563782 + $t * (1.781477937 + $t * (-1.821255978 + $t * 1.330274429))));
            $below += $z < 0.0 ? $tail : 1.0 - $tail;
            $density += $bell;
        }
        $count = count($this->middles);

        return [$below / $count, $density / ($this->width * $count)];
    }
}
