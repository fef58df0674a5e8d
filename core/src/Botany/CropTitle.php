<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** A crop by all its names, and how it breeds: what lists show and finding looks through, without the rest of it. */
final readonly class CropTitle
{
    /**
     * @param  list<string>  $otherNames
     * @param  list<string>  $synonyms  Latin names that it also goes by
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
    ) {}
}
