<?php

declare(strict_types=1);

namespace Marrow\Core\Storage;

use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Statistics\Normal;

/** How long seed lasts at one moisture and temperature: v = Kᵢ − p/σ in probits (Ellis & Roberts 1980). */
final readonly class StorageLife
{
    /**
     * @param  float  $ki  probit of the share alive at the start
     * @param  float  $sigmaDays  days in which viability falls by one probit
     */
    private function __construct(public float $ki, public float $sigmaDays) {}

    /**
     * @param  float  $germination  share alive at the start, strictly between 0 and 1
     * @param  float  $moisture  per cent of wet mass, 3 … 15
     * @param  float  $temperature  °C, −20 … 40
     *
     * @throws InvalidFigure
     */
    public static function of(ViabilityConstants $constants, float $moisture, float $temperature, float $germination): self
    {
        if (! ($germination > 0.0 && $germination < 1.0)) {
            throw InvalidFigure::because('germination', 'germination must lie above 0 and below 1; give the counts of the test when all or none came up.');
        }

        return new self(Normal::probit($germination), $constants->sigma($moisture, $temperature));
    }

    /**
     * For a lot whose pace is known already.
     *
     * @param  float  $sigmaDays  days to lose one probit, 0.01 … 10⁹
     * @param  float  $germination  share alive at the start, strictly between 0 and 1
     *
     * @throws InvalidFigure
     */
    public static function withSigma(float $sigmaDays, float $germination): self
    {
        InvalidFigure::unlessWithin('sigma_days', $sigmaDays, 0.01, 1e9, 'days');
        if (! ($germination > 0.0 && $germination < 1.0)) {
            throw InvalidFigure::because('germination', 'germination must lie above 0 and below 1.');
        }

        return new self(Normal::probit($germination), $sigmaDays);
    }

    /**
     * Days until the share alive falls to $threshold; 0 when it is below already.
     *
     * @throws InvalidFigure
     */
    public function daysTo(float $threshold): float
    {
        InvalidFigure::unlessWithin('threshold', $threshold, 0.01, 0.99);

        return max(0.0, $this->sigmaDays * ($this->ki - Normal::probit($threshold)));
    }

    /** Share alive after so many days, 0 … 1. */
    public function rateAfter(float $days): float
    {
        return Normal::below($this->ki - $days / $this->sigmaDays);
    }
}
