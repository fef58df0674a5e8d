<?php

declare(strict_types=1);

namespace Marrow\Core\Isolation;

use Marrow\Core\Fields\InvalidFigure;

/**
 * Expected share of seed with a foreign pollen parent. A simple model, and stated as such: full strength between
 * neighbours, falling exponentially with distance so that it is 0.5 % at the crop's careful distance; in proportion to
 * the share of the bloom that overlaps and to how much foreign pollen there is beside the planting's own.
 */
final class CrossShare
{
    /** What is left of it at the careful distance. */
    public const AT_CAREFUL = 0.005;

    /** What gets past a hedge or a building, unless a keeper sets it otherwise. */
    public const BEHIND_BARRIER = 0.3;

    /** By so much farther does pollen that the wind carries get straight downwind, and by so much less far against it: a stated assumption. */
    public const WIND = 0.5;

    /**
     * What the wind makes of the distances of pollen that it carries: 1.5 straight downwind, 0.5 against it, 1 across.
     *
     * @param  float  $downwind  cosine of the angle between the wind and the way from the source, −1 … 1
     */
    public static function byWind(float $downwind): float
    {
        return 1.0 + self::WIND * $downwind;
    }

    /**
     * Share at a distance, before bloom, barrier and numbers count.
     *
     * @param  float  $adjacent  share between neighbours, 0 … 1
     * @param  float  $careful  metres at which 0.5 % is left (half of $adjacent where that is less than 1 %), above 0
     * @param  float  $distance  metres, 0 or more
     *
     * @throws InvalidFigure
     */
    public static function atDistance(float $adjacent, float $careful, float $distance): float
    {
        InvalidFigure::unlessWithin('adjacent_share', $adjacent, 0.0, 1.0);
        InvalidFigure::unlessWithin('careful_distance', $careful, 0.001, 100_000.0, 'm');
        InvalidFigure::unlessWithin('distance', $distance, 0.0, 1_000_000.0, 'm');
        if ($adjacent === 0.0) {
            return 0.0;
        }
        $left = min(self::AT_CAREFUL, $adjacent / 2) / $adjacent;

        return $adjacent * $left ** ($distance / $careful);
    }

    /**
     * How much the foreign pollen counts beside the own: 1 for equal numbers or more, less where the source is small.
     *
     * @param  int  $plants  of the planting kept for seed, 1 or more
     * @param  int  $sourcePlants  of the source, 0 or more
     */
    public static function byNumbers(int $plants, int $sourcePlants): float
    {
        return min(1.0, 2.0 * $sourcePlants / ($sourcePlants + $plants));
    }

    /**
     * Shares from several sources together: 1 − Π(1 − share). Never below the largest of them.
     *
     * @param  list<float>  $shares  each 0 … 1
     */
    public static function together(array $shares): float
    {
        // In logarithms, so that many very small shares do not vanish beside 1.
        $kept = 0.0;
        foreach ($shares as $share) {
            InvalidFigure::unlessWithin('share', $share, 0.0, 1.0);
            if ($share === 1.0) {
                return 1.0;
            }
            $kept += log1p(-$share);
        }

        return $shares === [] ? 0.0 : max(-expm1($kept), max($shares));
    }
}
