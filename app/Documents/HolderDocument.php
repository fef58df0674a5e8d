<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A place or a container in which seed lies, as a line of the tree of them. */
#[OA\Schema]
final readonly class HolderDocument
{
    /**
     * @param  string  $in  id of the place or container that it lies in; empty of a place, and of what lies nowhere
     * @param  string  $said  what it is, and its air
     * @param  string  $path  where it is, from the place inwards, with its own name
     * @param  bool  $vessel  whether seed stands in it on the bench, and never in store
     * @param  int  $lots  that lie in it, and in what lies in it
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property(enum: ['place', 'container'])]
        public string $subject,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $in,
        #[OA\Property]
        public string $said,
        #[OA\Property]
        public string $path,
        #[OA\Property]
        public int $lots,
        #[OA\Property]
        public bool $vessel = false,
    ) {}
}
