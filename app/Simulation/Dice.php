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

    /** One of the whole numbers from one to another, both of them included. */
    public function whole(int $from, int $to): int
    {
        return $this->random->getInt($from, $to);
    }

    /** By Box and Muller. */
    public function normal(float $mean, float $spread): float
    {
        return $mean + $spread * sqrt(-2.0 * log(1.0 - $this->share())) * cos(2.0 * M_PI * $this->share());
    }

    /**
     * By two gammas.
     *
     * @param  float  $a  above 0
     * @param  float  $b  above 0
     */
    public function beta(float $a, float $b): float
    {
        [$x, $y] = [$this->gamma($a), $this->gamma($b)];

        return $x + $y > 0.0 ? $x / ($x + $y) : 0.0;
    }

    /** By Marsaglia and Tsang; below 1 by one more and a root. */
    private function gamma(float $shape): float
    {
        if ($shape < 1.0) {
            return $this->gamma($shape + 1.0) * (1.0 - $this->share()) ** (1.0 / $shape);
        }
        $d = $shape - 1.0 / 3.0;
        $c = 1.0 / sqrt(9.0 * $d);
        while (true) {
            $x = $this->normal(0.0, 1.0);
            $v = (1.0 + $c * $x) ** 3;
            if ($v > 0.0 && log(1.0 - $this->share()) < 0.5 * $x * $x + $d - $d * $v + $d * log($v)) {
                return $d * $v;
            }
        }
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
