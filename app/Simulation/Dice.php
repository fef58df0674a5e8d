<?php

declare(strict_types=1);

namespace App\Simulation;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Chance that can be had again by its seed. */
final readonly class Dice
{
    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** At least 0 and below 1. */
    public function share(): float
    {
        return $this->random->getInt(0, 2 ** 52 - 1) / 2 ** 52;
    }

    public function between(float $from, float $to): float
    {
        return $from + ($to - $from) * $this->share();
    }

    /** By Box and Muller. */
    public function normal(float $mean, float $spread): float
    {
        return $mean + $spread * sqrt(-2.0 * log(1.0 - $this->share())) * cos(2.0 * M_PI * $this->share());
    }

    /** How many of so many seeds come up. */
    public function ofSeeds(int $seeds, float $share): int
    {
        $up = 0;
        for ($seed = 0; $seed < $seeds; $seed++) {
            $up += $this->share() < $share ? 1 : 0;
        }

        return $up;
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    public function one(array $of): mixed
    {
        return $of[$this->random->getInt(0, count($of) - 1)];
    }
}
