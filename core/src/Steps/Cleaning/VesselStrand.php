<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

use DateTimeImmutable;
use Marrow\Core\Folding\Misfit;
use Marrow\Core\Folding\Strand;
use Marrow\Core\Folding\Takes;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Work\Offer;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\Whereabouts;

/** What a lot stands in on the bench, and whether its tag stands beside it. */
final class VesselStrand extends Strand
{
    private ?string $vessel = null;

    /** When it was last moved from one vessel into another; null where it never was. */
    public ?DateTimeImmutable $movedAt = null;

    private bool $isTagged = false;

    public function __construct(private readonly Whereabouts $where, private readonly CleaningStrand $cleaning) {}

    #[Takes]
    public function fruitOpened(FruitOpened $opened, Entry $entry): void
    {
        $this->moved($opened, $entry);
    }

    #[Takes]
    public function fermentStarted(FermentStarted $started, Entry $entry): void
    {
        $this->moved($started, $entry);
    }

    #[Takes]
    public function soaked(Soaked $soaked, Entry $entry): void
    {
        $this->moved($soaked, $entry);
    }

    #[Takes]
    public function rinsed(Rinsed $rinsed, Entry $entry): void
    {
        $this->moved($rinsed, $entry);
    }

    #[Takes]
    public function threshed(Threshed $threshed, Entry $entry): void
    {
        $this->moved($threshed, $entry);
    }

    #[Takes]
    public function winnowed(Winnowed $winnowed, Entry $entry): void
    {
        $this->moved($winnowed, $entry);
    }

    #[Takes]
    public function intoVessel(InVessel $into, Entry $entry): void
    {
        if (! $this->cleaning->hasBegun() || $this->where->place !== Place::Bench) {
            throw Misfit::outOfPlace('Only what stands on the bench is put into another vessel there.');
        }
        $this->moved($into, $entry);
    }

    public function offers(): array
    {
        return $this->where->place === Place::Bench && $this->cleaning->hasBegun() && ! $this->cleaning->isGone() ? [Offer::of(InVessel::class, 65)] : [];
    }

    /** @return ?string id of the vessel it stands in on the bench; null where nobody said, or it stands there no more */
    public function stands(): ?string
    {
        return $this->where->place === Place::Bench ? $this->vessel : null;
    }

    /** Whether its tag is with it, by what was said at its last move; null of what was never moved. */
    public function isTagged(): ?bool
    {
        return $this->movedAt === null ? null : $this->isTagged;
    }

    private function moved(MovesVessel $moves, Entry $entry): void
    {
        // Out of one vessel it is in another, whether anybody says in which or not.
        $this->vessel = $moves->vessel();
        $this->isTagged = $moves->tagged();
        $this->movedAt = $entry->happenedAt;
    }
}
