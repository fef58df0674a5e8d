<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Breeding;

use Marrow\Core\Folding\Misfit;
use Marrow\Core\Folding\Strand;
use Marrow\Core\Folding\Takes;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Steps\Origin\OriginStrand;
use Marrow\Core\Work\Offer;

/** A lot as a step on the way to a new line: of which cross it is, what is looked for in it, what it was named. */
final class BreedingStrand extends Strand
{
    /** @var array<string, TraitNamed> by the trait, in small letters; the last said of each */
    public array $traits = [];

    /** @var array<string, NamesLine> by the entry, in their order: the last counts */
    public array $names = [];

    public ?\DateTimeImmutable $releasedAt = null;

    /** @param  bool  $splits  whether its plants are to be expected to differ, by what it comes of */
    public function __construct(private readonly OriginStrand $origin, private readonly bool $splits) {}

    #[Takes]
    public function trait(TraitNamed $trait): void
    {
        $this->traits[mb_strtolower(trim($trait->trait))] = $trait;
    }

    #[Takes]
    public function begun(LineBegun $begun, Entry $entry): void
    {
        $this->mustHaveBegun();
        if ($this->releasedAt !== null) {
            throw Misfit::outOfPlace('It was released as a variety already.');
        }
        $this->names[$entry->id] = $begun;
    }

    #[Takes]
    public function released(LineReleased $released, Entry $entry): void
    {
        $this->mustHaveBegun();
        $this->names[$entry->id] = $released;
        $this->releasedAt = $entry->happenedAt;
    }

    /** The entry that gave it the name that it has now; null where it has that of what it was picked from. */
    public function namedBy(): ?string
    {
        return array_key_last($this->names);
    }

    public function offers(): array
    {
        if (! $this->splits || ! $this->origin->hasBegun()) {
            return [];
        }

        return [
            Offer::of(TraitNamed::class, 58),
            ...($this->names === [] && $this->origin->cross === null ? [Offer::of(LineBegun::class, 57)] : []),
            ...($this->releasedAt === null ? [Offer::of(LineReleased::class, 61)] : []),
        ];
    }

    /** @throws Misfit */
    private function mustHaveBegun(): void
    {
        if (! $this->origin->hasBegun()) {
            throw Misfit::outOfPlace('There was nothing of it yet, by what is recorded.');
        }
    }
}
