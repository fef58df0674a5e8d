<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

/** A set of measures after which every planting kept true is within its allowed share, and what they ask in all. */
final readonly class RemedyPlan
{
    /**
     * @param  list<Remedy>  $remedies  empty when nothing needs doing
     * @param  bool  $isExact  whether no cheaper set exists among what was tried; else it is the best found in the time
     */
    public function __construct(public array $remedies, public bool $isExact) {}

    public function cost(): float
    {
        return array_sum(array_map(static fn (Remedy $remedy): float => $remedy->cost, $this->remedies));
    }

    public function cages(): int
    {
        return array_sum(array_map(static fn (Remedy $remedy): int => $remedy->cages, $this->remedies));
    }

    /** Mornings of hand pollination and evenings of changing cages; two alternating cages are changed on one round. */
    public function mornings(): int
    {
        $mornings = 0;
        $rounds = [];
        foreach ($this->remedies as $remedy) {
            if ($remedy->kind === RemedyKind::Alternate) {
                $rounds[] = $remedy->mornings;
            } else {
                $mornings += $remedy->mornings;
            }
        }
        rsort($rounds);
        foreach ($rounds as $i => $evenings) {
            $mornings += $i % 2 === 0 ? $evenings : 0;
        }

        return $mornings;
    }

    /** @return list<string> ids of the plantings put off a year */
    public function leftOut(): array
    {
        return array_values(array_map(
            static fn (Remedy $remedy): string => $remedy->planting,
            array_filter($this->remedies, static fn (Remedy $remedy): bool => $remedy->kind === RemedyKind::LeaveOut),
        ));
    }

    public function applyTo(SeasonPlan $plan): SeasonPlan
    {
        return $plan->withPlantings(array_map(function (PlannedPlanting $planting): PlannedPlanting {
            foreach ($this->remedies as $remedy) {
                if ($remedy->planting === $planting->id) {
                    $planting = $remedy->applyTo($planting);
                }
            }

            return $planting;
        }, $plan->plantings));
    }

    public function isSameAs(self $other): bool
    {
        return $this->remedies == $other->remedies;
    }
}
