<?php

declare(strict_types=1);

namespace Marrow\Core\Lot;

use Marrow\Core\Botany\Caution;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Folding\Admission;
use Marrow\Core\Folding\Course;
use Marrow\Core\Folding\Folded;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Breeding\BreedingStrand;
use Marrow\Core\Steps\Cellar\CellarStrand;
use Marrow\Core\Steps\Cleaning\CleaningStage;
use Marrow\Core\Steps\Cleaning\CleaningStrand;
use Marrow\Core\Steps\Cleaning\SortingStrand;
use Marrow\Core\Steps\Cleaning\VesselShape;
use Marrow\Core\Steps\Cleaning\VesselStrand;
use Marrow\Core\Steps\Drying\DesiccantStrand;
use Marrow\Core\Steps\Drying\DryingStrand;
use Marrow\Core\Steps\Drying\RackStrand;
use Marrow\Core\Steps\Notes\NotesStrand;
use Marrow\Core\Steps\Origin\OriginStrand;
use Marrow\Core\Steps\Packets\PacketStrand;
use Marrow\Core\Steps\PutOff\PutOffStrand;
use Marrow\Core\Steps\Sharing\SharingStrand;
use Marrow\Core\Steps\Stock\StockStrand;
use Marrow\Core\Steps\Storing\Kepts;
use Marrow\Core\Steps\Storing\OpeningStrand;
use Marrow\Core\Steps\Storing\StoringStrand;
use Marrow\Core\Steps\Testing\TestCourse;
use Marrow\Core\Steps\Testing\TestingStrand;
use Marrow\Core\Steps\Treating\TreatingStrand;
use Marrow\Core\Storage\Forecast;
use Marrow\Core\Storage\LotTelling;
use Marrow\Core\Work\Offer;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\Whereabouts;

/** Everything that is known of a lot. Its strands are the properties, in the order of the work: a new step of the work is a property here. */
final class LotCourse extends Folded
{
    public readonly NotesStrand $notes;

    public readonly OriginStrand $origin;

    public readonly BreedingStrand $breeding;

    public readonly CleaningStrand $cleaning;

    public readonly VesselStrand $vessel;

    public readonly StockStrand $stock;

    public readonly SortingStrand $sorting;

    public readonly DryingStrand $drying;

    public readonly RackStrand $rack;

    public readonly DesiccantStrand $desiccant;

    public readonly TestingStrand $testing;

    public readonly TreatingStrand $treating;

    protected readonly OpeningStrand $opening;

    public readonly StoringStrand $storing;

    public readonly CellarStrand $cellar;

    public readonly PacketStrand $packets;

    public readonly SharingStrand $sharing;

    protected readonly Keeping $keeping;

    public readonly PutOffStrand $putOff;

    private readonly Whereabouts $where;

    private function __construct(public readonly LotFacts $facts, public readonly Practice $practice)
    {
        $this->where = new Whereabouts;
        $kepts = new Kepts;
        $this->notes = new NotesStrand;
        $this->origin = new OriginStrand($this->where, $facts->code, $facts->sownAt, $facts->crop, $facts->sources, $facts->pollen);
        $this->breeding = new BreedingStrand($this->origin, $facts->splits);
        $this->cleaning = new CleaningStrand($facts->crop, $this->origin, $practice, $facts->holdings());
        $this->vessel = new VesselStrand($this->where, $this->cleaning);
        $this->stock = new StockStrand($facts->crop, $this->where, $this->cleaning, $kepts, $facts->sources);
        $this->sorting = new SortingStrand($this->cleaning, $this->stock);
        $this->rack = new RackStrand($facts->crop, $this->where, $this->cleaning, $this->stock, $facts->holdings(), $practice);
        $this->drying = new DryingStrand($facts->crop, $this->where, $this->origin, $this->cleaning, $this->stock, $this->rack, $practice);
        $this->desiccant = new DesiccantStrand($facts->crop, $this->where, $this->drying, $this->stock, $practice);
        $this->testing = new TestingStrand($facts->crop, $this->where, $this->origin, $this->cleaning, $this->stock, $practice);
        $this->treating = new TreatingStrand($facts->crop, $this->where, $this->cleaning, $this->stock);
        $this->opening = new OpeningStrand($kepts);
        $this->storing = new StoringStrand($facts->crop, $this->where, $this->origin, $this->cleaning, $this->stock, $this->drying, $this->treating, $facts->holdings(), $practice, $kepts);
        $this->cellar = new CellarStrand($facts->crop, $this->where, $this->cleaning, $this->stock, $this->storing);
        $this->packets = new PacketStrand($facts->crop, $this->stock, $this->storing, $kepts);
        $this->sharing = new SharingStrand($facts->crossed ? $facts->crossedAt : $facts->sisterCrossedAt, $facts->crossed);
        $this->putOff = new PutOffStrand($practice->year->shift->turn);
        $this->keeping = new Keeping($facts, $practice, $this->origin, $this->cleaning, $this->rack, $this->stock, $this->testing, $this->storing);
    }

    /** @param  list<Entry>  $entries in any order, strikes among them */
    public static function fold(LotFacts $facts, array $entries, Practice $practice): self
    {
        $lot = new self($facts, $practice);
        $lot->course = Course::fold($lot->strands(), $entries);
        $lot->storing->settle();

        return $lot;
    }

    /**
     * What one more entry would do to the lot.
     *
     * @param  list<Entry>  $entries  recorded so far
     *
     * @throws Refused when it cannot be true whatever else is
     */
    public static function admit(LotFacts $facts, array $entries, Entry $candidate, Practice $practice, ?string $replaces = null, ?Course $before = null): Admission
    {
        return Course::admit(static fn (): array => (new self($facts, $practice))->strands(), $entries, $candidate, $replaces, $before);
    }

    /**
     * @param  list<Entry>  $entries
     * @return list<string> why something would no longer fit without that entry
     */
    public static function leftWithout(LotFacts $facts, array $entries, string $id, Practice $practice): array
    {
        return Course::leftWithout(static fn (): array => (new self($facts, $practice))->strands(), $entries, $id);
    }

    /** @return list<Harm> what is known to have happened to it before it was ever tested */
    public function harms(): array
    {
        return $this->keeping->harms();
    }

    public function place(): Place
    {
        return $this->where->place;
    }

    /** Whether nobody used it up that anybody knows of: it was looked for, and was not there. */
    public function isMissing(): bool
    {
        return $this->isUsedUp() && $this->storing->missingAt !== null;
    }

    public function isUsedUp(): bool
    {
        return $this->stock->stock->isUsedUp();
    }

    public function forecast(): ?Forecast
    {
        return $this->keeping->forecast();
    }

    /** Of what lies in one of its containers, by the container's id; null where it lies in no such one, or nothing is forecast. */
    public function forecastIn(string $container): ?Forecast
    {
        $kept = $this->storing->containers()[$container] ?? null;

        return $kept === null ? null : $this->keeping->forecastIn($kept);
    }

    /** What its tests tell of how seed ages in this store. */
    public function telling(): ?LotTelling
    {
        return $this->keeping->telling();
    }

    public function advice(\DateTimeImmutable $now): ?Advice
    {
        return Advice::of($this, $now);
    }

    /** What it stands, lies or hangs in on the bench, as it is drawn there; null of what is elsewhere. */
    public function shape(): ?VesselShape
    {
        if ($this->place() !== Place::Bench) {
            return null;
        }
        $vessel = $this->vessel->stands() === null ? null : $this->facts->holdings()->holder($this->vessel->stands());

        return match (true) {
            $vessel !== null => VesselShape::of($vessel->kind),
            $this->origin->finishing !== null && $this->cleaning->stage === CleaningStage::Uncleaned => VesselShape::ofFinishing($this->origin->finishing->kept),
            default => VesselShape::usual($this->cleaning->stage, $this->facts->crop->isWetCleaned()),
        };
    }

    /** @return list<Caution> what the hand must know, of its crop and of itself */
    public function cautions(): array
    {
        return $this->origin->received?->treated === true ? [...$this->facts->crop->cautions, Caution::Treated] : $this->facts->crop->cautions;
    }

    /**
     * @param  ?\DateTimeImmutable  $now  the day from which it is seen; null for what does not depend on the day
     * @return list<Offer> what can be recorded of it as it stands: what it is advised to do, then the likeliest first
     */
    public function offers(?\DateTimeImmutable $now = null): array
    {
        $offers = parent::offers();
        $asked = $now === null ? null : $this->advice($now)?->counsel->asks();
        if ($asked === null) {
            return $offers;
        }
        $kind = Kind::declared($asked);
        $isAsked = static fn (Offer $offer): bool => $offer->kind->name === $kind->name;

        return [...array_values(array_filter($offers, $isAsked)), ...array_values(array_filter($offers, static fn (Offer $offer): bool => ! $isAsked($offer)))];
    }

    /**
     * With what can be said of each test that runs, which its own part of the sheet offers.
     *
     * @return list<Offer> the likeliest first
     */
    public function spokenOffers(\DateTimeImmutable $now): array
    {
        return [...array_merge([], ...array_map(static fn (TestCourse $test): array => $test->offers(), $this->testing->running())), ...$this->offers($now)];
    }

    protected function leaves(array $tasks): array
    {
        return $this->putOff->leaves($tasks);
    }
}
