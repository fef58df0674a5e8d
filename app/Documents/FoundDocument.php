<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** Something that was looked for: a lot or planting by its tag, or a page of the books. */
#[OA\Schema]
final readonly class FoundDocument
{
    /**
     * @param  ?TagDocument  $tag  of a lot or planting; null for a page
     * @param  string  $key  of the page among its kind: a crop's key, a reckoner's name, a setting's, a place's name, a word, a person's name, an address
     * @param  string  $where  where it is, or what it says
     */
    private function __construct(
        #[OA\Property(enum: ['thing', 'crop', 'reckoner', 'setting', 'place', 'word', 'which', 'person', 'way'])]
        public string $kind,
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public ?TagDocument $tag,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $where,
    ) {}

    public static function thing(TagDocument $tag, string $where): self
    {
        return new self('thing', $tag->code, $tag, $tag->variety, $where);
    }

    /** @param  'crop'|'reckoner'|'setting'|'place'|'word'|'which'|'person'|'way'  $kind */
    public static function page(string $kind, string $key, string $title, string $where): self
    {
        return new self($kind, $key, null, $title, $where);
    }
}
