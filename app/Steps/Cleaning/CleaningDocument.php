<?php

declare(strict_types=1);

namespace App\Steps\Cleaning;

use App\Documents\FactDocument;
use App\Sheet\SectionDocument;
use OpenApi\Attributes as OA;

/** What was picked and how the seed was got out. */
#[OA\Schema]
final readonly class CleaningDocument implements SectionDocument
{
    /**
     * @param  string|null  $note  how this crop is cleaned, while it is being cleaned
     * @param  list<FactDocument>  $facts
     * @param  ?string  $warning  what was found in it that must not be eaten
     * @param  ?string  $alike  what stands beside it that it could be mixed up with
     * @param  list<AlikeDocument>  $looks  its own seed first, then theirs; none where nothing is like it
     */
    public function __construct(
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public ?string $note,
        #[OA\Property]
        public ?VesselDocument $vessel,
        #[OA\Property(items: new OA\Items(ref: FactDocument::class))]
        public array $facts,
        #[OA\Property]
        public ?string $warning,
        #[OA\Property]
        public ?string $alike,
        #[OA\Property(items: new OA\Items(ref: AlikeDocument::class))]
        public array $looks,
        #[OA\Property(enum: ['cleaning'])]
        public string $section = 'cleaning',
        #[OA\Property(enum: ['bench'])]
        public string $belongs = 'bench',
    ) {}
}
