<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A lot, or some of it, as it lies in a place or container. */
#[OA\Schema]
final readonly class HeldLotDocument
{
    /**
     * @param  string  $lot  its id
     * @param  string  $container  id of what it is in
     * @param  string  $kind  what it is in
     * @param  string  $path  where that is, from the place inwards
     * @param  string  $amount  how much of it lies there
     * @param  ?string  $cold  until when it is to be left shut; null where it is not cold
     */
    public function __construct(
        #[OA\Property]
        public string $lot,
        #[OA\Property]
        public TagDocument $tag,
        #[OA\Property]
        public string $container,
        #[OA\Property]
        public string $kind,
        #[OA\Property]
        public string $path,
        #[OA\Property]
        public string $amount,
        #[OA\Property]
        public ?string $cold,
    ) {}
}
