<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Packets;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Fields\Show;
use Marrow\Core\Folding\Strand;
use Marrow\Core\Folding\Takes;
use Marrow\Core\Germination\SmallerTest;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Steps\Growing\Sown;
use Marrow\Core\Steps\Stock\StockStrand;
use Marrow\Core\Steps\Stock\Withdrawn;
use Marrow\Core\Steps\Storing\Kept;
use Marrow\Core\Steps\Storing\Kepts;
use Marrow\Core\Steps\Storing\StoringStrand;
use Marrow\Core\Steps\Testing\TestStarted;
use Marrow\Core\Work\Offer;

/**
 * What of a lot is put by: a packet for each year's sowing, and a reserve. It stands behind the stock and the store, which
 * have taken already what an entry takes, and says what that leaves.
 */
final class PacketStrand extends Strand
{
    /** Less than half a seed is none. */
    private const A_HAIR = 0.5;

    /** Seeds that are neither sown nor given away without being asked; 0 where nobody set any. */
    public int $reserve = 0;

    /** @var array<string, \DateTimeImmutable> when each container was last closed with both its tags read, by its id */
    public array $closedAt = [];

    public function __construct(private readonly Crop $crop, private readonly StockStrand $stock, private readonly StoringStrand $storing, private readonly Kepts $kepts) {}

    #[Takes]
    public function portioned(Portioned $portioned): void
    {
        $this->reserve = $portioned->reserve ?? $this->reserve;
        $this->mustBeThere();
    }

    #[Takes]
    public function reserved(Reserved $reserved): void
    {
        $this->reserve = $reserved->seeds;
        $this->mustBeThere();
    }

    #[Takes]
    public function closed(Closed $closed, Entry $entry): void
    {
        $this->closedAt[$closed->container ?? Kepts::ONLY] = $entry->happenedAt;
    }

    #[Takes]
    public function withdrawn(Withdrawn $withdrawn): void
    {
        $this->mustLieOutside($withdrawn->container, $withdrawn->seeds === null ? 'mass_g' : 'seeds');
        if ($withdrawn->purpose->isChosen()) {
            $this->spare($withdrawn->container, $withdrawn->seeds === null ? 'mass_g' : 'seeds');
        }
    }

    #[Takes(as: 'lot')]
    public function sown(Sown $sown): void
    {
        if ($sown->seeds !== null || $sown->massG !== null || $sown->container !== null) {
            $this->mustLieOutside($sown->container, $sown->massG === null ? 'seeds' : 'mass_g');
            $this->spare($sown->container, $sown->massG === null ? 'seeds' : 'mass_g');
        }
    }

    /** A test of what is needed for sowing tells what is then no more there to be sown. */
    #[Takes]
    public function testStarted(TestStarted $set, Entry $entry): void
    {
        $this->mustLieOutside(null, 'seeds');
        // What is in the packets is meant for sowing: the reserve lies in the rest.
        $left = $this->unpacked();
        if ($left === null || $this->reserve === 0 || $left >= $this->reserve - self::A_HAIR) {
            return;
        }
        $before = $left + $set->seeds * $set->replicates;
        $smaller = SmallerTest::within((int) floor($before - $this->reserve));
        $this->doubt('seeds', sprintf(
            'That would leave %s seeds, and %s are the reserve.%s',
            Show::count($left),
            Show::count((float) $this->reserve),
            $smaller === null ? ' There is nothing to spare for a test.' : " $smaller",
        ));
    }

    public function offers(): array
    {
        if ($this->storing->now === null || $this->stock->stock->isUsedUp() || $this->crop->isKeptAlive() || ! $this->stock->stock->isKnown()) {
            return [];
        }

        return [Offer::of(Portioned::class, 52), Offer::of(Closed::class, 65), Offer::of(Reserved::class, 60)->usually('seeds', $this->reserve === 0 ? null : $this->reserve)];
    }

    /** @return array<string, Kept> the packets for years that still have something in them, soonest first, by id of the container */
    public function waiting(): array
    {
        $waiting = array_filter($this->kepts->all, static fn (Kept $kept): bool => $kept->packet !== null && $kept->part !== 0.0);
        uasort($waiting, static fn (Kept $a, Kept $b): int => $a->packet?->year <=> $b->packet?->year);

        return $waiting;
    }

    /** @return array<string, Kept> all that were ever made and not taken back, in the order of their years */
    public function all(): array
    {
        $all = array_filter($this->kepts->all, static fn (Kept $kept): bool => $kept->packet !== null);
        uasort($all, static fn (Kept $a, Kept $b): int => $a->packet?->year <=> $b->packet?->year);

        return $all;
    }

    /** @return ?float seeds that are in none of its packets; null where nobody knows how many there are */
    public function unpacked(): ?float
    {
        return $this->kepts->left($this->stock->stock->seeds());
    }

    /** @return ?float seeds that may be given away: beyond the reserve and the packets; null where nobody knows how many there are */
    public function spareSeeds(): ?float
    {
        $left = $this->unpacked();

        return $left === null ? null : max(0.0, $left - $this->reserve);
    }

    /** What was taken may not be of the reserve; nor of what lies outside the packets, where that is the reserve. */
    private function spare(?string $container, string $field): void
    {
        $there = $this->stock->stock->seeds();
        if ($this->reserve === 0 || $there === null) {
            return;
        }
        $left = $container !== null && ($this->kepts->all[$container] ?? null)?->part !== null ? $there : ($this->kepts->left($there) ?? $there);
        if ($left >= $this->reserve - self::A_HAIR) {
            return;
        }
        $this->doubt($field, sprintf(
            'That leaves %s of the %s seeds kept in reserve%s.',
            Show::count(round($left)),
            Show::count((float) $this->reserve),
            $this->waiting() === [] || $container !== null ? '' : '; what is meant for sowing is in the packets',
        ));
    }

    /** What is taken out of no packet lies outside them; more than that is in one of them. */
    private function mustLieOutside(?string $container, string $field): void
    {
        $there = $this->stock->stock->seeds();
        $packed = array_sum(array_map(static fn (Kept $kept): float => $kept->part ?? 0.0, $this->kepts->all));
        if ($container === null && $there !== null && $packed > $there + self::A_HAIR) {
            $this->doubt($field, 'Not so much lies outside its packets: say which of them was opened.');
        }
    }

    private function mustBeThere(): void
    {
        $left = $this->unpacked();
        if ($left !== null && $left < $this->reserve - self::A_HAIR) {
            $this->doubt('reserve', sprintf('Only %s seeds are left outside the packets; %s cannot be kept of them.', Show::count(round($left)), Show::count((float) $this->reserve)));
        }
    }
}
