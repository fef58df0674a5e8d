<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Origin;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Fields\Show;
use Marrow\Core\Folding\Misfit;
use Marrow\Core\Folding\Strand;
use Marrow\Core\Folding\Takes;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Steps\Breeding\CrossPicked;
use Marrow\Core\Steps\Pollinating\PollenPlanting;
use Marrow\Core\Work\Offer;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\Whereabouts;

/** How a lot came to be: the passes in which it was picked, or that it came from elsewhere. */
final class OriginStrand extends Strand
{
    /** @var list<array{at: \DateTimeImmutable, picked: Picked}> */
    private array $passes = [];

    private bool $closed = false;

    /** Years; hardly any seed in a cupboard is older. */
    private const OLDEST = 30;

    public ?Received $received = null;

    public ?\DateTimeImmutable $receivedAt = null;

    /** How it was cut to finish under cover, where it was. */
    public ?CutDown $finishing = null;

    /** The cross on purpose that it is of. */
    public ?CrossPicked $cross = null;

    /** What it was poured together from. */
    public ?PouredTogether $mixed = null;

    /** As what it was set apart from another lot. */
    public ?SetApart $apart = null;

    /**
     * @param  \DateTimeImmutable|null  $sownAt  when the planting it was picked from was sown, where that is known
     * @param  array<string, Source>  $sources  lots that it was poured together from or set apart from, by their ids
     * @param  array<string, PollenPlanting>  $pollen  plantings that may have fathered it, by their ids
     */
    public function __construct(private readonly Whereabouts $where, public readonly string $code, private readonly ?\DateTimeImmutable $sownAt, private readonly Crop $crop, private readonly array $sources = [], private readonly array $pollen = []) {}

    #[Takes]
    public function picked(Picked $picked, Entry $entry): void
    {
        $this->mustNotBeOfLots('what is picked here');
        if ($this->received !== null) {
            throw Misfit::outOfPlace(sprintf('%s came from elsewhere; what is picked here is a lot of its own.', $this->code));
        }
        if ($this->sownAt !== null && $entry->happenedAt < $this->sownAt) {
            throw Misfit::tooEarly(sprintf(
                'This planting was sown on %s; it cannot have been picked before that.',
                $this->sownAt->format('j F Y'),
            ));
        }
        $this->passes[] = ['at' => $entry->happenedAt, 'picked' => $picked];
        $this->begin();
    }

    /** What is cut early ripens on under cover: it is a pass as any other. */
    #[Takes]
    public function cutDown(CutDown $cut, Entry $entry): void
    {
        if ($this->crop->isWetCleaned()) {
            throw Misfit::outOfPlace(sprintf('%s seed comes out of wet fruit; nothing of it is hung up to finish.', $this->crop->name));
        }
        $this->picked(new Picked($cut->plants, null, null), $entry);
        $this->finishing = $cut;
    }

    /** Seed of a cross is picked as any other; only its name and its father are its own. */
    #[Takes]
    public function crossPicked(CrossPicked $cross, Entry $entry): void
    {
        if ($this->passes !== []) {
            throw Misfit::outOfPlace(sprintf('%s was picked already; the seed of a cross is a lot of its own.', $this->code));
        }
        $of = $cross->pollen === null ? null : $this->pollen[$cross->pollen] ?? throw Refused::at('pollen', 'There is no such planting.');
        if ($of !== null && $of->family !== $this->crop->family) {
            throw Refused::at('pollen', sprintf('%s is %s, of another family of plants: nothing comes of that pollen.', $of->code, $of->name));
        }
        if ($of !== null && $of->species !== $this->crop->species()) {
            $this->doubt('pollen', sprintf('%s is %s, another species: it hardly ever takes.', $of->code, $of->name));
        }
        $this->picked(new Picked($cross->plants, $cross->fruits, $cross->massG, true, $cross->mother), $entry);
        $this->cross = $cross;
    }

    /** Whether any of it was picked before it was ripe. */
    public function isPickedGreen(): bool
    {
        return $this->parent()?->isPickedGreen() ?? array_any($this->passes, static fn (array $pass): bool => $pass['picked']->green);
    }

    #[Takes]
    public function received(Received $received, Entry $entry): void
    {
        $this->mustNotBeOfLots('what comes from elsewhere');
        if ($this->passes !== []) {
            throw Misfit::outOfPlace(sprintf('%s was picked here; what comes from elsewhere is a lot of its own.', $this->code));
        }
        if ($received->year !== null && $received->year > (int) $entry->happenedAt->format('Y')) {
            throw Misfit::at('year', sprintf('Seed that came on %s cannot have ripened in %d.', $entry->happenedAt->format('j F Y'), $received->year));
        }
        $age = $received->year === null ? 0 : (int) $entry->happenedAt->format('Y') - $received->year;
        if ($age > self::OLDEST) {
            $this->doubt('year', sprintf('Seed that ripened in %d was %d years old then. Is the year right?', $received->year, $age));
        }
        if ($received->packedFor !== null && $received->packedFor > (int) $entry->happenedAt->format('Y') + 1) {
            $this->doubt('packed_for', sprintf('It came on %s; seed is not often packed for %d so early.', $entry->happenedAt->format('j F Y'), $received->packedFor));
        }
        if ($received->claimedOn !== null && $received->claimedOn > $entry->happenedAt->format('Y-m-d')) {
            throw Misfit::at('claimed_on', sprintf('Seed that came on %s cannot have been tested after that by whoever sent it.', $entry->happenedAt->format('j F Y')));
        }
        $this->received = $received;
        $this->receivedAt = $entry->happenedAt;
        $this->begin();
    }

    #[Takes]
    public function mixed(PouredTogether $mixed, Entry $entry): void
    {
        $this->mustBeNew('what is poured together');
        $this->mixed = $mixed;
        $this->receivedAt = $entry->happenedAt;
        $this->begin();
    }

    #[Takes]
    public function setApart(SetApart $apart, Entry $entry): void
    {
        $this->mustBeNew('what is set apart');
        $this->apart = $apart;
        $this->receivedAt = $entry->happenedAt;
        $this->begin();
    }

    public function offers(): array
    {
        return match (true) {
            // What it began with was struck: it can only begin anew.
            ! $this->hasBegun() => [Offer::of(Picked::class, 10), Offer::of(Received::class, 11)],
            $this->received === null && $this->mixed === null && $this->apart === null && $this->cross === null && ! $this->closed => [Offer::of(Picked::class, 30)],
            default => [],
        };
    }

    public function hasBegun(): bool
    {
        return $this->passes !== [] || $this->receivedAt !== null;
    }

    /** Whether the seed came clean, so that there is nothing to ferment or thresh. */
    public function cameClean(): bool
    {
        return ($this->received !== null && ! $this->received->uncleaned) || $this->mixed !== null;
    }

    /** Cleaning has begun: what is picked now is another lot. */
    public function close(): void
    {
        $this->closed = true;
    }

    /** @throws Misfit when there was nothing yet that something could be done with */
    public function mustHaveBegun(\DateTimeImmutable $at): void
    {
        if (! $this->hasBegun()) {
            throw Misfit::tooEarly(sprintf('On %s nothing had been picked for %s yet, and it had not come from elsewhere.', Show::moment($at), $this->code));
        }
    }

    public function firstAt(): ?\DateTimeImmutable
    {
        return $this->passes[0]['at'] ?? $this->parent()?->firstAt();
    }

    public function lastAt(): ?\DateTimeImmutable
    {
        return $this->passes === [] ? $this->parent()?->lastAt() : $this->passes[count($this->passes) - 1]['at'];
    }

    /** The year the seed ripened in; null when nobody knows. */
    public function year(): ?int
    {
        $first = $this->firstAt();
        if ($first !== null) {
            return (int) $first->format('Y');
        }
        if ($this->sources === []) {
            return $this->received?->year;
        }
        // Of lots of two years there is no year to tell.
        $years = array_unique(array_map(static fn (Source $source): ?int => $source->origin->year(), array_values($this->sources)));

        return $this->isOfAll() && count($years) === 1 ? $years[0] : null;
    }

    /** Plants that gave seed: passes go over the same plants, so the largest pass counts, not the sum. */
    public function plants(): int
    {
        return array_reduce($this->passes, static fn (int $most, array $pass): int => max($most, $pass['picked']->plants), $this->parent()?->plants() ?? 0);
    }

    /** Plants that are known to have given seed: those that were named, where each was picked by itself; 0 where nobody knows. */
    public function gave(): int
    {
        return max($this->plants(), count($this->mothers()));
    }

    /** @return array<string, ?float> seeds of each of the lots that it was poured together from, by its id; null where nobody knows */
    public function poured(): array
    {
        $mixed = $this->mixed;

        return $mixed === null ? [] : [
            $mixed->lot => $mixed->seeds ?? ($this->sources[$mixed->lot] ?? null)?->seeds,
            $mixed->other => $mixed->otherSeeds ?? ($this->sources[$mixed->other] ?? null)?->seeds,
        ];
    }

    /** Whether all of it was pollinated by hand and tied. */
    public function isTied(): bool
    {
        return $this->parent()?->isTied() ?? ($this->passes !== [] && array_all($this->passes, static fn (array $pass): bool => $pass['picked']->tied));
    }

    /** @return list<string> marks of the mother plants that it was kept by */
    public function mothers(): array
    {
        return $this->parent()?->mothers() ?? array_values(array_unique(array_filter(array_map(static fn (array $pass): string => $pass['picked']->mother, $this->passes), static fn (string $mother): bool => $mother !== '')));
    }

    public function fruits(): int
    {
        return array_reduce($this->passes, static fn (int $sum, array $pass): int => $sum + ($pass['picked']->fruits ?? 0), 0);
    }

    /** g of the passes that were weighed; null when none was */
    public function weighed(): ?float
    {
        $weighed = array_filter(array_map(static fn (array $pass): ?float => $pass['picked']->massG, $this->passes), is_float(...));

        return $weighed === [] ? null : array_sum($weighed);
    }

    /** g of all that was picked, or came in its fruit; null unless all of it was weighed */
    public function mass(): ?float
    {
        foreach ($this->passes as $pass) {
            if ($pass['picked']->massG === null) {
                return null;
            }
        }

        return $this->weighed() ?? ($this->apart === null ? null : $this->apart->massG) ?? ($this->received?->uncleaned === true ? $this->received->massG : null);
    }

    /** @throws Misfit when more seed is said to come out than was picked */
    public function mustHold(?float $mass, string $what): void
    {
        $picked = $this->mass();
        if ($mass !== null && $picked !== null && $mass > $picked) {
            throw Misfit::at('mass_g', sprintf('%s cannot be %s g: only %s g were %s.', $what, Show::grams($mass), Show::grams($picked), $this->passes === [] ? 'there in fruit, pods or heads' : 'picked'));
        }
    }

    /** The lot that this one was set apart from, as it came to be. */
    public function parent(): ?self
    {
        return $this->apart === null ? null : ($this->sources[$this->apart->lot]->origin ?? null);
    }

    /** Whether all that it is of is known. */
    private function isOfAll(): bool
    {
        $of = $this->mixed === null ? [$this->apart?->lot] : [$this->mixed->lot, $this->mixed->other];

        return array_all($of, fn (?string $lot): bool => isset($this->sources[$lot ?? '']));
    }

    /** @throws Misfit */
    private function mustNotBeOfLots(string $what): void
    {
        if ($this->mixed !== null || $this->apart !== null) {
            throw Misfit::outOfPlace(sprintf('%s was %s; %s is a lot of its own.', $this->code, $this->mixed === null ? 'set apart from another lot' : 'poured together from two lots', $what));
        }
    }

    /** @throws Misfit */
    private function mustBeNew(string $what): void
    {
        if ($this->hasBegun()) {
            throw Misfit::outOfPlace(sprintf('%s stands already; %s is a lot of its own.', $this->code, $what));
        }
    }

    private function begin(): void
    {
        if ($this->where->place === Place::Plot) {
            $this->where->place = Place::Bench;
        }
    }
}
