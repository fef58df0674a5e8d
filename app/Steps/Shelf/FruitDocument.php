<?php

declare(strict_types=1);

namespace App\Steps\Shelf;

use App\Documents\BarDocument;
use OpenApi\Attributes as OA;

/** A fruit that lies on the shelf, or is open with its seed in it. */
#[OA\Schema]
final readonly class FruitDocument
{
    /**
     * @param  string  $code  as it stands on its tag
     * @param  string  $plant  it is of; may be empty
     * @param  string  $weighs  with its unit; empty where nobody weighed it
     * @param  string  $lies  where, and how its stalk is; may be empty
     * @param  string  $picked  when, and when it was last looked at
     * @param  string  $picked_at  when, as a moment
     * @param  ?float  $grams  what it weighs
     * @param  string  $state  how it is, as its key
     * @param  string  $state_said  and in words
     * @param  ?BarDocument  $window  since it was picked, when it is best opened, and until when at the latest, in days from now; null where that is not known
     * @param  string  $next  what it wants, in a few words
     * @param  bool  $soon  whether it will not last
     * @param  bool  $open  whether it is cut open
     * @param  ?string  $opened_at  when, as a moment
     * @param  string  $found  what was found in it, and how it tastes; may be empty
     * @param  ?string  $bitter  whether a crumb was bitter: yes or no; null where none was tried
     */
    public function __construct(
        #[OA\Property]
        public int $number,
        #[OA\Property]
        public string $code,
        #[OA\Property]
        public string $plant,
        #[OA\Property]
        public string $weighs,
        #[OA\Property]
        public string $lies,
        #[OA\Property]
        public string $picked,
        #[OA\Property]
        public string $picked_at,
        #[OA\Property]
        public ?float $grams,
        #[OA\Property]
        public string $state,
        #[OA\Property]
        public string $state_said,
        #[OA\Property(ref: BarDocument::class, nullable: true)]
        public ?BarDocument $window,
        #[OA\Property]
        public string $next,
        #[OA\Property]
        public bool $soon,
        #[OA\Property]
        public bool $open,
        #[OA\Property]
        public ?string $opened_at,
        #[OA\Property]
        public string $found,
        #[OA\Property]
        public ?string $bitter,
    ) {}
}
