<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Tasting;

use Marrow\Core\Fields\Show;
use Marrow\Core\Folding\Misfit;
use Marrow\Core\Folding\Strand;
use Marrow\Core\Folding\Takes;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Steps\Choosing\ChoosingStrand;
use Marrow\Core\Steps\Choosing\WalkedPlant;
use Marrow\Core\Steps\Growing\GrowingStrand;
use Marrow\Core\Steps\Shelf\ShelfStrand;
use Marrow\Core\Steps\Shelf\ShelvedFruit;
use Marrow\Core\Work\Offer;

/** Blind tastings of what a planting bore. */
final class TastingStrand extends Strand
{
    /** @var array<string, Tasting> by id */
    public array $tastings = [];

    public function __construct(private readonly GrowingStrand $growing, private readonly ChoosingStrand $choosing, private readonly ShelfStrand $shelf) {}

    #[Takes]
    public function set(TastingSet $set, Entry $entry): void
    {
        if (isset($this->tastings[$set->tasting])) {
            throw Misfit::outOfPlace('This tasting has been set out already.');
        }
        if ($set->of === TastedOf::Fruit) {
            foreach ($set->samples as $sample) {
                $fruit = $this->shelf->fruits[$sample] ?? throw Misfit::at('samples', sprintf('No fruit %d of this planting was laid on the shelf by then, by what is recorded.', $sample));
                $this->mustNotBeBitter($fruit);
            }
        }
        $this->tastings[$set->tasting] = new Tasting($set, $entry->happenedAt);
    }

    #[Takes]
    public function scored(TastingScored $scored): void
    {
        $tasting = $this->known($scored->tasting);
        $plates = count($tasting->set->samples);
        if (count($scored->scores) !== $plates) {
            throw Misfit::at('scores', sprintf('There were %d plates, and %d were scored: a mark for each, or leave this taster out.', $plates, count($scored->scores)));
        }
        if (in_array(mb_strtolower($scored->taster), array_map(mb_strtolower(...), $tasting->tasters()), true)) {
            throw Misfit::at('taster', sprintf('%s has scored this tasting already: nobody tastes twice. Correct that entry, if it was wrong.', $scored->taster));
        }
        if ($tasting->unblindedAt !== null) {
            $this->doubt('taster', sprintf('It was seen on %s which plate was which: what is scored after that is not blind.', Show::day($tasting->unblindedAt)));
        }
        $tasting->score($scored->taster, $scored->scores);
    }

    #[Takes]
    public function unblinded(TastingUnblinded $seen, Entry $entry): void
    {
        $tasting = $this->known($seen->tasting);
        if ($tasting->unblindedAt !== null) {
            throw Misfit::outOfPlace('Which plate was which has been seen already.');
        }
        $tasting->unblindedAt = $entry->happenedAt;
    }

    public function offers(): array
    {
        $open = array_values(array_filter($this->tastings, static fn (Tasting $tasting): bool => $tasting->unblindedAt === null));
        $fruits = array_keys($this->cut());
        $plants = array_keys($this->walked());
        $of = count($fruits) > 1 ? TastedOf::Fruit : TastedOf::Plant;
        $samples = $of === TastedOf::Fruit ? $fruits : $plants;

        return [
            ...($this->growing->sownAt === null ? [] : [Offer::of(TastingSet::class, 80)->usually('of', $of->value)->usually('samples', count($samples) > 1 ? implode(' ', $samples) : null)]),
            ...array_merge([], ...array_map(static fn (Tasting $tasting): array => [
                Offer::of(TastingScored::class, 25)->given('tasting', $tasting->set->tasting),
                Offer::of(TastingUnblinded::class, 26)->given('tasting', $tasting->set->tasting),
            ], array_slice($open, -1))),
        ];
    }

    /** @return array<int, ShelvedFruit> fruit that is open, not known to be bitter, and not gone */
    public function cut(): array
    {
        return array_filter($this->shelf->fruits, static fn (ShelvedFruit $fruit): bool => $fruit->cut !== null && $fruit->cut->bitter !== 'yes' && $fruit->gone === null);
    }

    /** @return array<int, WalkedPlant> plants that were looked at and not struck out */
    public function walked(): array
    {
        return array_filter($this->choosing->plants, static fn (WalkedPlant $plant): bool => $plant->out === null);
    }

    private function mustNotBeBitter(ShelvedFruit $fruit): void
    {
        $beware = $this->shelf->beware($fruit);
        if ($fruit->cut?->bitter === 'yes') {
            throw Misfit::at('samples', $beware);
        }
        if ($beware !== '') {
            $this->doubt('samples', $beware);
        }
    }

    /** @throws Misfit */
    private function known(string $id): Tasting
    {
        return $this->tastings[$id] ?? throw Misfit::at('tasting', 'There is no such tasting of this planting, or its setting out was struck.');
    }
}
