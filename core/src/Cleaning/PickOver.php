<?php

declare(strict_types=1);

namespace Marrow\Core\Cleaning;

use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Statistics\Normal;
use Marrow\Core\Statistics\Wilson;

/** How much of a lot is flat, holed, broken or otherwise bad, by a sample that was looked over (Wilson 1927). */
final readonly class PickOver
{
    /** @param  float  $share  of bad seed in the sample */
    private function __construct(public float $share, public float $low, public float $high) {}

    /**
     * @param  int  $looked  1 … 1,000,000
     * @param  int  $bad  0 … $looked
     * @param  float  $confidence  0.5 … 0.9999
     *
     * @throws InvalidFigure
     */
    public static function of(int $looked, int $bad, float $confidence = 0.95): self
    {
        InvalidFigure::unlessWithin('looked', $looked, 1, 1_000_000, 'seeds');
        InvalidFigure::unlessWithin('bad', $bad, 0, $looked, 'seeds');
        InvalidFigure::unlessWithin('confidence', $confidence, 0.5, 0.9999);
        $share = $bad / $looked;
        $z = Normal::probit(1.0 - (1.0 - $confidence) / 2.0);
        $centre = Wilson::centre($share, $looked, $z);
        $half = Wilson::halfWidth($share, $looked, $z);

        return new self(
            $share,
            $bad === 0 ? 0.0 : max(0.0, $centre - $half),
            $bad === $looked ? 1.0 : min(1.0, $centre + $half),
        );
    }
}
