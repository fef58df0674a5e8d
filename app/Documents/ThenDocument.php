<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A day that was: every place as it then stood, by what had been recorded by then, and by what is known now. */
#[OA\Schema]
final readonly class ThenDocument
{
    /**
     * @param  list<ThenPlaceDocument>  $places
     * @param  int  $things  how many there were, shown or not
     * @param  string  $left  what is not shown on this page; empty where all is
     */
    public function __construct(
        #[OA\Property(format: 'date')]
        public string $day,
        #[OA\Property]
        public string $said,
        #[OA\Property(items: new OA\Items(ref: ThenPlaceDocument::class))]
        public array $places,
        #[OA\Property]
        public int $things,
        #[OA\Property]
        public string $left,
        #[OA\Property(description: 'the first day of the journal; null of an empty one', format: 'date')]
        public ?string $first,
    ) {}
}
