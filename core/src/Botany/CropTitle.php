<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

use Marrow\Core\Fields\PlainText;

/** A crop by all its names, how it breeds, what its seed looks like, how long that lasts and how long a test of it: what lists show and finding looks through, without the rest of it. */
final readonly class CropTitle
{
    /**
     * @param  list<string>  $otherNames
     * @param  list<string>  $synonyms  Latin names that it also goes by
     * @param  float  $outcrossingLow  share of seed with foreign pollen, ordinary range
     * @param  SeedUnit  $unit  what is counted and sown
     * @param  SeedUnit  $counts  what a lot of it is counted in: a clove is no seed
     * @param  ?string  $lookAlikes  what people take for its seed
     * @param  ?float  $jarMoisture  per cent of wet mass at or below which the seed may be closed in tight; null where it must not be dried
     * @param  float  $ordinaryYears  in a house cupboard, until too little comes up
     * @param  float  $minimum  least share that germinates of what is worth passing on, 0 … 1
     * @param  int  $lastCount  day on which a test of it ends
     */
    public function __construct(
        public string $key,
        public string $name,
        public array $otherNames,
        public string $latin,
        public array $synonyms,
        public ?string $group,
        public string $family,
        public CropKind $kind,
        public LifeCycle $lifeCycle,
        public BreedingSystem $breeding,
        public float $outcrossingLow,
        public float $outcrossingHigh,
        public SeedUnit $unit,
        public SeedUnit $counts,
        public ?SeedLook $look,
        public ?string $lookAlikes,
        public ?float $jarMoisture,
        public float $ordinaryYears,
        public float $minimum,
        public int $lastCount,
    ) {}

    /** All its names, its group and its family as one text, as it is compared (PlainText). */
    public function words(): string
    {
        return PlainText::of(implode(' ', [$this->name, ...$this->otherNames, $this->latin, ...$this->synonyms, $this->group ?? '', $this->family]));
    }
}
