<?php

declare(strict_types=1);

namespace Marrow\Core\Selection;

use Marrow\Core\Botany\LineWord;
use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Selection\Internal\OffTypePosterior;
use Marrow\Core\Statistics\Beta;
use Marrow\Core\Statistics\Interval;

/**
 * What share of a line's plants is not of it, by what is on record: its parents' share and what strange pollen can have added,
 * corrected by plants that were looked over. The prior is a Beta whose mean is 1 − (1 − parents)(1 − crossed) and that weighs
 * as much as so many plants looked over; where one of the two is not known, it is Jeffreys' (½, ½), and only plants tell. Where
 * it is said how far out the pollen's share may be, only the parents' keeps that weight (OffTypePosterior); and where a look
 * misses some of what differs, what was met speaks of so much more.
 */
final readonly class LineTrueness
{
    /** What the reckoned prior weighs, in plants looked over: a stated assumption. */
    public const WEIGHT = 40.0;

    /** A crop that outcrosses no more than this is taken to have crossed by as much, where nothing is on record of isolation. */
    public const SELFS_BELOW = 0.05;

    /** Wind, bees and weather make a reckoned share of strange pollen so many times more or less, nine times in ten: a stated assumption. */
    public const POLLEN_FACTOR = 3.0;

    /** Of what differs, a look meets so much: some differ only later, some are overlooked. A stated assumption. */
    public const MEETS = 0.8;

    private const CLOSEST = 1e-4;

    private function __construct(public LineWord $word, public ?float $share, public ?Interval $band) {}

    /**
     * @param  ?float  $parents  share off-type among the parents, 0 … 1; null when not known
     * @param  ?float  $crossed  share of the seed that strange pollen can have fathered, 0 … 1; null when isolation is not on record
     * @param  int  $off  off-types seen
     * @param  int  $seen  plants looked over, them included
     * @param  ?float  $outcrosses  share that the crop outcrosses where nothing is done, 0 … 1; null when not known
     * @param  float  $factor  so many times more or less strange pollen can have fathered than that, nine times in ten, 1 … 100; at 1 it weighs as the parents do
     * @param  float  $meets  share of what differs that a look meets, 0.1 … 1
     *
     * @throws InvalidFigure
     */
    public static function of(?float $parents, ?float $crossed, int $off = 0, int $seen = 0, ?float $outcrosses = null, float $weight = self::WEIGHT, float $factor = 1.0, float $meets = 1.0): self
    {
        foreach (['parent_share' => $parents, 'cross_share' => $crossed, 'outcrosses' => $outcrosses] as $key => $share) {
            InvalidFigure::unlessWithin($key, $share ?? 0.0, 0.0, 1.0);
        }
        InvalidFigure::unlessWithin('seen', $seen, 0, 1_000_000, 'plants');
        InvalidFigure::unlessWithin('off', $off, 0, $seen, 'plants that were looked over');
        InvalidFigure::unlessWithin('weight', $weight, 1.0, 1000.0, 'plants');
        InvalidFigure::unlessWithin('factor', $factor, 1.0, 100.0);
        InvalidFigure::unlessWithin('meets', $meets, 0.1, 1.0);
        $crossed ??= $outcrosses !== null && $outcrosses <= self::SELFS_BELOW ? $outcrosses : null;
        if ($parents === null || $crossed === null) {
            return $seen === 0 ? new self(LineWord::NotKnown, null, null) : self::posterior(0.5 / $meets, 1.0, $off, $seen, $meets);
        }

        $held = static fn (float $share): float => max(self::CLOSEST, min(1.0 - self::CLOSEST, $share));
        if ($factor > 1.0) {
            [$share, $band] = OffTypePosterior::of($held($parents), $weight, $crossed, $factor, $meets, $off, $seen);

            return new self(LineWord::upTo($band->high), $share, $band);
        }

        return self::posterior($held(1.0 - (1.0 - $parents) * (1.0 - $crossed)), $weight, $off, $seen, $meets);
    }

    /** What is met, q = meets × share, is a Beta; the share is so much more. */
    private static function posterior(float $mean, float $weight, int $off, int $seen, float $meets): self
    {
        [$a, $b] = [$mean * $meets * $weight + $off, (1.0 - $mean * $meets) * $weight + $seen - $off];
        $all = static fn (float $met): float => min(1.0, $met / $meets);
        $share = $all($a / ($a + $b));
        // Where next to nothing speaks for off-types, the mean lies beyond the 95 % point of so crooked a distribution.
        $band = new Interval(min($share, $all(Beta::quantile(0.05, $a, $b))), max($share, $all(Beta::quantile(0.95, $a, $b))));

        return new self(LineWord::upTo($band->high), $share, $band);
    }
}
