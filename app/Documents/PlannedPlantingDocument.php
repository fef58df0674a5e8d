<?php

declare(strict_types=1);

namespace App\Documents;

use Marrow\Core\Season\PlannedPlanting;
use OpenApi\Attributes as OA;

/** A planting as it is planned. */
#[OA\Schema]
final readonly class PlannedPlantingDocument
{
    /**
     * @param  string  $variety  id
     * @param  string|null  $lot  id of the lot that is to be sown
     * @param  string|null  $planting  id of the planting it became
     * @param  float|null  $allowed  share of crossed seed put up with; null for that of the garden
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $crop,
        #[OA\Property]
        public string $variety,
        #[OA\Property]
        public SpotDocument $spot,
        #[OA\Property]
        public int $plants,
        #[OA\Property(enum: ['seed', 'food', 'both'])]
        public string $purpose,
        #[OA\Property]
        public string $sow,
        #[OA\Property]
        public ?string $plant_out,
        #[OA\Property]
        public ?string $first_bloom,
        #[OA\Property]
        public ?string $last_bloom,
        #[OA\Property(enum: ['open', 'caged', 'alternate', 'bagged', 'cloth', 'glass'])]
        public string $cover,
        #[OA\Property]
        public bool $flowers,
        #[OA\Property]
        public bool $mixing,
        #[OA\Property]
        public bool $lifted,
        #[OA\Property]
        public bool $out,
        #[OA\Property]
        public ?float $allowed,
        #[OA\Property]
        public ?float $seeds_wanted,
        #[OA\Property]
        public ?string $lot,
        #[OA\Property]
        public ?string $planting,
    ) {}

    public static function of(PlannedPlanting $planting): self
    {
        return new self(
            $planting->id,
            $planting->crop->key,
            $planting->variety,
            SpotDocument::of($planting->spot),
            $planting->plants,
            $planting->purpose->value,
            $planting->sow->format('Y-m-d'),
            $planting->plantOut?->format('Y-m-d'),
            $planting->firstBloom?->format('Y-m-d'),
            $planting->lastBloom?->format('Y-m-d'),
            $planting->cover->value,
            $planting->flowers,
            $planting->mixing,
            $planting->lifted,
            $planting->out,
            $planting->allowed,
            $planting->seedsWanted,
            $planting->lot,
            $planting->planting,
        );
    }
}
