<?php

declare(strict_types=1);

namespace Marrow\Core\Germination;

use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Statistics\Normal;
use Marrow\Core\Statistics\Wilson;

/** How many seeds to test to know the share as closely as wanted. */
final class TestSize
{
    /** More than anybody tests; the half-width asked for is bounded so that this is never reached. */
    private const MOST = 100_000_000;

    /**
     * Smallest number whose Wilson interval at the expected share is no wider than $halfWidth either way.
     *
     * @param  float  $expected  share, 0 … 1
     * @param  float  $halfWidth  0.001 … 0.5
     * @param  float  $confidence  0.5 … 0.9999
     *
     * @throws InvalidFigure
     */
    public static function of(float $expected, float $halfWidth, float $confidence = 0.95): int
    {
        InvalidFigure::unlessWithin('expected', $expected, 0.0, 1.0);
        InvalidFigure::unlessWithin('half_width', $halfWidth, 0.001, 0.5);
        InvalidFigure::unlessWithin('confidence', $confidence, 0.5, 0.9999);
        $z = Normal::probit(1.0 - (1.0 - $confidence) / 2.0);
        $width = static fn (int $n): float => Wilson::halfWidth($expected, $n, $z);
        // The width falls with every seed, so the answer is found by halving.
        $tooFew = 0;
        $enough = 1;
        while ($width($enough) > $halfWidth && $enough < self::MOST) {
            $tooFew = $enough;
            $enough *= 2;
        }
        while ($enough - $tooFew > 1) {
            $middle = intdiv($enough + $tooFew, 2);
            if ($width($middle) <= $halfWidth) {
                $enough = $middle;
            } else {
                $tooFew = $middle;
            }
        }

        return $enough;
    }
}
