<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** The plants of a row, what they are chosen by, and whom to keep. */
#[OA\Schema]
final readonly class WalkDocument
{
    /**
     * @param  ?int  $there  plants that were sown or set out
     * @param  list<ChosenTraitDocument>  $traits  health first
     * @param  list<WalkedPlantDocument>  $plants  that were looked at, along the row
     * @param  list<int>  $order  numbers of those that can be put in an order, best first
     * @param  list<TradeoffDocument>  $tradeoffs  what keeping so many gains and costs
     * @param  list<PhotographedDocument>  $photographs  plants that were photographed
     * @param  list<string>  $said  what else bears on whom to keep
     * @param  bool  $lifted  whether it was taken up, and how it keeps is looked at
     * @param  ?TakenOverDocument  $last  by what the variety was chosen the last time; null where something is named already
     * @param  list<TraitYearsDocument>  $years  what became of each trait over the years
     */
    public function __construct(
        #[OA\Property]
        public ?int $there,
        #[OA\Property(items: new OA\Items(ref: ChosenTraitDocument::class))]
        public array $traits,
        #[OA\Property(items: new OA\Items(ref: WalkedPlantDocument::class))]
        public array $plants,
        #[OA\Property(items: new OA\Items(type: 'integer'))]
        public array $order,
        #[OA\Property(items: new OA\Items(ref: TradeoffDocument::class))]
        public array $tradeoffs,
        #[OA\Property(items: new OA\Items(ref: PhotographedDocument::class))]
        public array $photographs,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $said,
        #[OA\Property]
        public bool $lifted,
        #[OA\Property(ref: TakenOverDocument::class, nullable: true)]
        public ?TakenOverDocument $last,
        #[OA\Property(items: new OA\Items(ref: TraitYearsDocument::class))]
        public array $years,
    ) {}
}
