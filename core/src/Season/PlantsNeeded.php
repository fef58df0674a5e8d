<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

use Marrow\Core\Population\Alleles;

/** How many plants a planting takes: for the seed that is wanted, for the diversity to be kept, and against the ground. */
final readonly class PlantsNeeded
{
    /** A form that one gene in twenty carries: what a keeper of a variety should not lose. */
    public const RARE = 0.05;

    /**
     * @param  ?int  $forSeed  plants that give the seed wanted, going by the middle of what a plant gives; null when none is wanted
     * @param  int  $forVariety  plants that keep the variety as it is
     * @param  int  $fits  plants that the spot holds
     * @param  float  $kept  chance that a form as rare as one gene in twenty is among them, 0 … 1
     */
    private function __construct(public ?int $forSeed, public int $forVariety, public int $fits, public float $kept) {}

    public static function of(PlannedPlanting $planting): self
    {
        $crop = $planting->crop;
        $perPlant = max(1.0, sqrt(max(1, $crop->perPlantLow) * max(1, $crop->perPlantHigh)));

        return new self(
            $planting->seedsWanted === null ? null : (int) ceil($planting->seedsWanted / $perPlant),
            $crop->parents->variety,
            $planting->spot->holds($crop->growing->spacing),
            Alleles::kept($planting->plants, self::RARE, Alleles::copies($crop->outcrossing())),
        );
    }
}
