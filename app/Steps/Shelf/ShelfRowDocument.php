<?php

declare(strict_types=1);

namespace App\Steps\Shelf;

use App\Documents\OfferDocument;
use App\Documents\TagDocument;
use OpenApi\Attributes as OA;

/** The fruit of one planting. */
#[OA\Schema]
final readonly class ShelfRowDocument
{
    /**
     * @param  string  $id  of the planting
     * @param  string  $shape  round, long, necked or flat
     * @param  int  $next  the next number that is free
     * @param  bool  $wet  whether its seed comes out of wet fruit
     * @param  bool  $may_be_bitter  whether a crumb is tried before anything of it is eaten
     * @param  list<FruitDocument>  $fruits  what is opened soonest first
     * @param  list<OfferDocument>  $offers  what can be told of one of them in a form
     * @param  string  $closed  why no fruit of it can be laid there; empty where it can
     * @param  list<string>  $said  how they kept, plant by plant
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public TagDocument $tag,
        #[OA\Property(enum: ['round', 'long', 'necked', 'flat'])]
        public string $shape,
        #[OA\Property]
        public int $next,
        #[OA\Property]
        public bool $wet,
        #[OA\Property]
        public bool $may_be_bitter,
        #[OA\Property(items: new OA\Items(ref: FruitDocument::class))]
        public array $fruits,
        #[OA\Property(items: new OA\Items(ref: OfferDocument::class))]
        public array $offers,
        #[OA\Property]
        public string $closed,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $said,
    ) {}
}
