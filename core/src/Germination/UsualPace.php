<?php

declare(strict_types=1);

namespace Marrow\Core\Germination;

/**
 * By what day what will come up is up, of fresh sound seed of a crop: six tenths by the first count of a test and all but one in a hundred by
 * the last, on a logistic curve over the logarithm of the days. That rules for testing set their counts so is Marrow's reading of them. Old seed
 * is slower, some to half the pace.
 */
final readonly class UsualPace
{
    private const BY_FIRST = 0.60;

    private const BY_LAST = 0.99;

    /** Pace of the seed against the usual, and how likely that is taken to be. */
    public const PACES = [[1.6, 0.05], [1.3, 0.15], [1.1, 0.15], [0.95, 0.15], [0.8, 0.15], [0.68, 0.12], [0.56, 0.12], [0.47, 0.08], [0.38, 0.03]];

    /** How much closer together or farther apart they may come than usual. */
    public const STEEPS = [0.8, 1.0, 1.3];

    private function __construct(private float $middle, private float $steep) {}

    /**
     * @param  int  $firstCount  day
     * @param  int  $lastCount  day
     */
    public static function ofCounts(int $firstCount, int $lastCount): self
    {
        [$first, $last] = [max(1, $firstCount), max($firstCount + 1, $lastCount)];
        $logit = static fn (float $share): float => log($share / (1.0 - $share));
        $steep = ($logit(self::BY_LAST) - $logit(self::BY_FIRST)) / log($last / $first);

        return new self(log($first) - $logit(self::BY_FIRST) / $steep, $steep);
    }

    /**
     * @param  float  $day  since it was laid
     * @param  float  $pace  of the usual, above 0
     * @param  float  $steeper  than usual: how much closer together they come
     * @return float share of what will come up
     */
    public function upBy(float $day, float $pace = 1.0, float $steeper = 1.0): float
    {
        return $day <= 0.0 ? 0.0 : 1.0 / (1.0 + exp(-$steeper * $this->steep * (log($day * $pace) - $this->middle)));
    }

    /** Day by which half of what will come up is up, as is usual. */
    public function halfUp(): float
    {
        return exp($this->middle);
    }
}
