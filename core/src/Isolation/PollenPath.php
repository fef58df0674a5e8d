<?php

declare(strict_types=1);

namespace Marrow\Core\Isolation;

use Marrow\Core\Fields\InvalidFigure;

/** How pollen gets from a source to a planting kept for seed: how far, past what, when, from how many. */
final readonly class PollenPath
{
    /**
     * @param  float  $distance  metres between the nearest edges, 0 … 100,000
     * @param  int  $plants  kept for seed, 1 … 1,000,000
     * @param  int  $sourcePlants  of the source, 1 … 1,000,000
     * @param  ?Bloom  $bloom  of the planting kept for seed; without both, bloom is taken to overlap in full
     * @param  float  $downwind  1 where the prevailing wind blows straight from the source to it, −1 where it blows the other way, 0 across or not known
     *
     * @throws InvalidFigure
     */
    public function __construct(
        public float $distance,
        public int $plants,
        public int $sourcePlants,
        public ?Bloom $bloom = null,
        public ?Bloom $sourceBloom = null,
        public Barrier $barrier = Barrier::None,
        public Protection $protection = Protection::Open,
        public float $downwind = 0.0,
    ) {
        InvalidFigure::unlessWithin('downwind', $downwind, -1.0, 1.0);
        InvalidFigure::unlessWithin('distance', $distance, 0.0, 100_000.0, 'm');
        InvalidFigure::unlessWithin('plants', $plants, 1, 1_000_000, 'plants');
        InvalidFigure::unlessWithin('source_plants', $sourcePlants, 1, 1_000_000, 'plants');
    }

    /** Days on which both bloom; null when it is not known. */
    public function overlapDays(): ?int
    {
        return $this->bloom === null || $this->sourceBloom === null ? null : $this->bloom->overlapDays($this->sourceBloom);
    }

    /** Share of the planting's bloom in which the source blooms too, 0 … 1. */
    public function overlapShare(): float
    {
        $days = $this->overlapDays();

        return $days === null || $this->bloom === null ? 1.0 : $days / $this->bloom->days();
    }
}
