<?php

declare(strict_types=1);

namespace Marrow\Core\Germination;

use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Statistics\Normal;
use Marrow\Core\Statistics\Wilson;

/** A test of a lot of which there is little: how many seeds may go into it, and what they would tell. */
final readonly class SmallTest
{
    /**
     * @param  int  $seeds  that can be spared for it
     * @param  float  $halfWidth  of the interval that they would give, as a share; 1 where none can be spared
     * @param  float  $eaten  share of what is left that it uses up
     */
    private function __construct(public int $seeds, public float $halfWidth, public float $eaten) {}

    /**
     * Half the width of Wilson's interval at the expected share.
     *
     * @param  int  $left  seeds there are, 0 … 100,000,000
     * @param  int  $wantedAfter  that must be left when it is over
     * @param  float  $expected  share, 0.01 … 0.99
     * @param  float  $confidence  0.5 … 0.999
     *
     * @throws InvalidFigure
     */
    public static function of(int $left, int $wantedAfter, float $expected = 0.8, float $confidence = 0.95): self
    {
        InvalidFigure::unlessWithin('seeds_left', $left, 0, 100_000_000, 'seeds');
        InvalidFigure::unlessWithin('wanted_after', $wantedAfter, 0, 100_000_000, 'seeds');
        InvalidFigure::unlessWithin('expected', $expected, 0.01, 0.99);
        InvalidFigure::unlessWithin('confidence', $confidence, 0.5, 0.999);
        $n = max(0, $left - $wantedAfter);
        if ($n === 0) {
            return new self(0, 1.0, 0.0);
        }
        $z = Normal::probit(0.5 + $confidence / 2.0);

        return new self($n, Wilson::halfWidth($expected, $n, $z), $n / $left);
    }
}
