<?php

declare(strict_types=1);

namespace Marrow\Core\Storage;

/** What the tests of one lot tell of the store it lies in. */
final readonly class LotTelling
{
    /** As a precision of the logarithm of the pace: tests that say less are left out. */
    private const LEAST = 0.5;

    /** A pace further from the model than by this logarithm says that something else went wrong. */
    private const FARTHEST = 4.0;

    /**
     * @param  float  $slower  logarithm of how many times slower than the model it ages, by its tests alone
     * @param  float  $error  standard error of it
     * @param  float  $weight  what it counts for its store
     * @param  float  $pull  its weight times its logarithm
     */
    private function __construct(public float $slower, public float $error, public float $weight, public float $pull) {}

    /**
     * @param  LotPace  $pace  as its tests leave it, from the model alone
     * @param  float  $expected  spread that its pace was given before them
     * @return ?self null when its tests tell nothing of its pace
     */
    public static function of(LotPace $pace, float $expected, ConstantsBasis $basis): ?self
    {
        // What was expected before any test is taken out again.
        $alone = 1.0 / $pace->slowerSpread ** 2 - 1.0 / $expected ** 2;
        if ($pace->tests === 0 || $alone < self::LEAST) {
            return null;
        }
        $slower = $pace->slower / $pace->slowerSpread ** 2 / $alone;
        if (abs($slower) > self::FARTHEST) {
            return null;
        }
        $weight = 1.0 / (1.0 / $alone + StorePace::betweenLots($basis));

        return new self($slower, 1.0 / sqrt($alone), $weight, $weight * $slower);
    }
}
