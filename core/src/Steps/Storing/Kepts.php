<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Storing;

use Marrow\Core\Fields\Show;
use Marrow\Core\Folding\Doubt;
use Marrow\Core\Steps\Packets\Packet;
use Marrow\Core\Steps\Packets\Portioned;

/** The containers that a lot lies in, and how much of it is in each. */
final class Kepts
{
    /** The lot's only container, as long as nobody named another. */
    public const ONLY = '';

    /** Less than half a seed is none. */
    private const A_HAIR = 0.5;

    /** @var array<string, Kept> by id of the container */
    public array $all = [];

    /** The container that holds what is in none of the others. */
    public function rest(): ?Kept
    {
        foreach ($this->all as $kept) {
            if ($kept->part === null) {
                return $kept;
            }
        }

        return null;
    }

    /** A packet for a year's sowing, with a code that no other of the lot has. */
    public function packet(string $lot, Portioned $portioned, int $i): Packet
    {
        $year = $portioned->years[$i];
        $of = count(array_filter($this->all, static fn (Kept $kept): bool => $kept->packet?->year === $year));

        return new Packet($year, $portioned->plants, $portioned->seeds[$i], "$lot-$year".($of === 0 ? '' : chr(ord('a') + min(25, $of))), $portioned->confidence, $portioned->field);
    }

    /** Whether any of it was parted into packets for years. */
    public function isParted(): bool
    {
        return array_filter($this->all, static fn (Kept $kept): bool => $kept->packet !== null) !== [];
    }

    /**
     * @param  ?float  $seeds  that the lot has; null where nobody knows
     * @return ?float  those that are not in one of its packets
     */
    public function left(?float $seeds): ?float
    {
        return $seeds === null ? null : max(0.0, $seeds - array_sum(array_map(static fn (Kept $kept): float => $kept->part ?? 0.0, $this->all)));
    }

    /**
     * @param  ?float  $seeds  that the lot has; null where nobody knows
     * @return array<string, ?float> in each of its containers, by id: together what the lot has
     */
    public function shares(?float $seeds): array
    {
        $shares = [];
        $left = $seeds;
        foreach ($this->all as $id => $kept) {
            if ($kept->part !== null) {
                $shares[$id] = $left === null ? $kept->part : min($kept->part, $left);
                $left = $left === null ? null : max(0.0, $left - $kept->part);
            }
        }
        foreach ($this->all as $id => $kept) {
            if ($kept->part === null) {
                $shares[$id] = $left;
            }
        }

        return $shares;
    }

    /** Nothing is in any of them. */
    public function empty(\DateTimeImmutable $at): void
    {
        foreach ($this->all as $kept) {
            $kept->part = 0.0;
            $kept->emptiedAt ??= $at;
        }
    }

    /**
     * What is taken from one of its packets leaves the others as they were.
     *
     * @param  ?string  $container  id of the one it was taken from
     * @param  ?float  $seeds  null where nobody said how much: then all of it
     * @return ?Doubt where there is not so much in it, or nothing any more
     */
    public function take(?string $container, ?float $seeds, \DateTimeImmutable $at): ?Doubt
    {
        $kept = $container === null ? null : $this->all[$container] ?? null;
        if ($kept?->part === null) {
            return null;
        }
        $taken = $seeds ?? $kept->part;
        $called = $kept->packet === null ? 'that container' : "packet {$kept->packet->code}";
        $doubt = match (true) {
            $kept->emptiedAt !== null => new Doubt('container', sprintf('%s is empty since %s: it was opened and used up then. Is this another one?', ucfirst($called), $kept->emptiedAt->format('j F Y'))),
            $taken > $kept->part + self::A_HAIR => new Doubt('seeds', sprintf('Only %s seeds are in %s.', Show::count(round($kept->part)), $called)),
            default => null,
        };
        $kept->part = max(0.0, $kept->part - $taken);
        if ($kept->part < self::A_HAIR) {
            $kept->part = 0.0;
            $kept->emptiedAt ??= $at;
        }

        return $doubt;
    }
}
