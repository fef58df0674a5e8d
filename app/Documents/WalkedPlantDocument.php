<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** One plant of a row, as far as it was looked at. */
#[OA\Schema]
final readonly class WalkedPlantDocument
{
    /**
     * @param  list<?string>  $scores  as they were told, by trait; null where nobody said
     * @param  ?string  $out  why it is struck out, as its key
     * @param  string  $out_said  and in words; empty where it is not
     */
    public function __construct(
        #[OA\Property]
        public int $number,
        #[OA\Property(items: new OA\Items(type: 'string', nullable: true))]
        public array $scores,
        #[OA\Property]
        public ?string $out,
        #[OA\Property]
        public string $out_said,
        #[OA\Property]
        public bool $at_edge,
        #[OA\Property]
        public string $rare,
        #[OA\Property]
        public bool $kept,
    ) {}
}
