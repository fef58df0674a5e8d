<?php

declare(strict_types=1);

namespace Marrow\Core\Instruments;

use Marrow\Core\Fields\InvalidFigure;

/**
 * Warmth that a crop has had: each day the mean of its least and its greatest temperature above a base, never less than
 * nothing (McMaster and Wilhelm 1997, method 1).
 */
final class WarmthSum
{
    /**
     * @param  list<array{float, float}>  $days  least and greatest of each, °C
     * @param  float  $base  °C below which nothing grows, −5 … 25
     * @param  ?float  $cut  °C above which warmth counts no more; null for none
     * @return float °C days
     *
     * @throws InvalidFigure
     */
    public static function of(array $days, float $base, ?float $cut = null): float
    {
        InvalidFigure::unlessWithin('base', $base, -5.0, 25.0, '°C');
        $sum = 0.0;
        foreach ($days as [$low, $high]) {
            $sum += max(0.0, (min($low, $cut ?? $low) + min($high, $cut ?? $high)) / 2 - $base);
        }

        return $sum;
    }
}
