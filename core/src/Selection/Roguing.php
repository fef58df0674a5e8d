<?php

declare(strict_types=1);

namespace Marrow\Core\Selection;

use Marrow\Core\Fields\InvalidFigure;

/** Looking a stand over for plants that are not of its variety. */
final class Roguing
{
    /**
     * Plants to look over so as to meet at least one off-type as surely as asked: ⌈ln(1 − c)/ln(1 − p)⌉, the geometric
     * distribution. Off-types are taken to stand at random in a large stand.
     *
     * @param  float  $share  of plants that are off-type, 0.0001 … 1
     * @param  float  $confidence  0.5 … 0.999999
     * @return int plants, at least 1
     *
     * @throws InvalidFigure
     */
    public static function plants(float $share, float $confidence): int
    {
        InvalidFigure::unlessWithin('share', $share, 0.0001, 1.0);
        InvalidFigure::unlessWithin('confidence', $confidence, 0.5, 0.999999);

        return $share >= 1.0 ? 1 : max(1, (int) ceil(log(1.0 - $confidence) / log1p(-$share) - 1e-9));
    }
}
