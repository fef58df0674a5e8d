<?php

declare(strict_types=1);

namespace Marrow\Core\Storage;

use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Statistics\Normal;

/** Ageing adds up: what seed lost in one place is lost for the next. */
final class AgeingHistory
{
    public const MOST_SEGMENTS = 1000;

    /**
     * Share alive after a chain of stores: Φ(probit(g) − Σ days/σ).
     *
     * @param  list<array{days: float, moisture: float, temperature: float}>  $segments  days 0 … 100,000
     * @param  float  $germination  share at the start, strictly between 0 and 1
     *
     * @throws InvalidFigure
     */
    public static function rateAfter(ViabilityConstants $constants, array $segments, float $germination): float
    {
        InvalidFigure::unlessWithin('segments', count($segments), 1, self::MOST_SEGMENTS);
        $viability = StorageLife::of($constants, $segments[0]['moisture'], $segments[0]['temperature'], $germination)->ki;
        foreach ($segments as $segment) {
            InvalidFigure::unlessWithin('segments', $segment['days'], 0.0, 100_000.0, 'days');
            $viability -= $segment['days'] / $constants->sigma($segment['moisture'], $segment['temperature']);
        }

        return Normal::below($viability);
    }
}
