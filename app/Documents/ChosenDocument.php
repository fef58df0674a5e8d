<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Lot;
use App\Models\Planting;
use App\Voice\Quantity;
use App\Words\Stages;
use OpenApi\Attributes as OA;

/** A lot or a planting as it is chosen from a list. */
#[OA\Schema]
final readonly class ChosenDocument
{
    /**
     * @param  string  $variety  id
     * @param  string  $said  all that tells it from the others
     * @param  bool  $is_left  whether there is any of it, as far as is known
     * @param  list<ChosenPacketDocument>  $packets  of the lot, in the order of their years
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $code,
        #[OA\Property]
        public string $variety,
        #[OA\Property]
        public string $crop,
        #[OA\Property]
        public string $said,
        #[OA\Property]
        public bool $is_left,
        #[OA\Property(items: new OA\Items(ref: ChosenPacketDocument::class))]
        public array $packets = [],
    ) {}

    /** @param  list<ChosenPacketDocument>  $packets */
    public static function lot(Lot $lot, array $packets = []): self
    {
        $standing = $lot->standing;

        return new self($lot->id, $lot->code(), $lot->variety_id, $lot->variety->crop, implode(', ', array_filter([
            $lot->code().' '.$lot->variety->name,
            $standing?->year === null ? null : (string) $standing->year,
            $standing === null ? null : Stages::of($standing->place, $standing->stage, $standing->used_up === 1),
            $standing?->seeds === null ? null : Quantity::roughSeeds($standing->seeds),
        ])), $standing?->used_up !== 1, $packets);
    }

    public static function planting(Planting $planting): self
    {
        $sown = $planting->standing?->season;

        return new self($planting->id, $planting->code(), $planting->variety_id, $planting->variety->crop, implode(', ', array_filter([
            $planting->code().' '.$planting->variety->name,
            $sown === null ? null : (string) $sown,
            $planting->spot,
        ])), true);
    }
}
