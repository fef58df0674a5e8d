<?php

declare(strict_types=1);

namespace Marrow\Core\Germination;

use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Statistics\Interval;
use Marrow\Core\Statistics\Normal;
use Marrow\Core\Statistics\Wilson;

/** How many of the seeds set to germinate made a normal seedling, and what that says about the rest of the lot. */
final readonly class GerminationShare
{
    private function __construct(public int $germinated, public int $sown) {}

    /**
     * @param  int  $germinated  normal seedlings, 0 … $sown
     * @param  int  $sown  seeds set to germinate, 1 … 1,000,000
     *
     * @throws InvalidFigure
     */
    public static function of(int $germinated, int $sown): self
    {
        InvalidFigure::unlessWithin('sown', $sown, 1, 1_000_000, 'seeds');
        InvalidFigure::unlessWithin('germinated', $germinated, 0, $sown, 'seeds');

        return new self($germinated, $sown);
    }

    /** Whether a share is below a mark as both are said, in whole per cent: 69.6 % is 70 %. */
    public static function isBelow(float $share, float $mark): bool
    {
        return round($share, 2) < round($mark, 2);
    }

    public function rate(): float
    {
        return $this->germinated / $this->sown;
    }

    /**
     * The Wilson score interval (Wilson 1927): honest for few seeds and for shares near 0 and 1.
     *
     * @param  float  $confidence  0.5 … 0.9999
     *
     * @throws InvalidFigure
     */
    public function interval(float $confidence = 0.95): Interval
    {
        InvalidFigure::unlessWithin('confidence', $confidence, 0.5, 0.9999);
        $z = Normal::probit(1.0 - (1.0 - $confidence) / 2.0);
        $n = $this->sown;
        $p = $this->rate();
        $centre = Wilson::centre($p, $n, $z);
        $half = Wilson::halfWidth($p, $n, $z);

        // At 0 and at n the limit is exactly the bound; rounding must not leave 1e-17 there.
        return new Interval(
            $this->germinated === 0 ? 0.0 : max(0.0, $centre - $half),
            $this->germinated === $n ? 1.0 : min(1.0, $centre + $half),
        );
    }

    /** The share with 0 and 1 drawn in to (g + ½)/(n + 1), so that its probit exists. */
    public function rateForProbit(): float
    {
        return $this->germinated === 0 || $this->germinated === $this->sown
            ? ($this->germinated + 0.5) / ($this->sown + 1)
            : $this->rate();
    }
}
