<?php

declare(strict_types=1);

namespace App\Documents;

use Marrow\Core\Reckoning\Alternatives;
use Marrow\Core\Reckoning\Way;
use OpenApi\Attributes as OA;

/** Something that can be told in one of several ways. */
#[OA\Schema]
final readonly class AlternativesDocument
{
    /** @param  list<WayDocument>  $ways  the usual one first */
    public function __construct(
        #[OA\Property]
        public string $label,
        #[OA\Property(items: new OA\Items(ref: WayDocument::class))]
        public array $ways,
    ) {}

    public static function of(Alternatives $alternatives): self
    {
        return new self(
            $alternatives->label,
            array_map(static fn (Way $way): WayDocument => new WayDocument($way->label, $way->inputs), $alternatives->ways),
        );
    }
}
