<?php

declare(strict_types=1);

namespace Marrow\Core\Rota\Internal;

use Marrow\Core\Rota\RotaLine;

/** Years in which one line is sown, and what that costs by itself. */
final readonly class Pattern
{
    /**
     * @param  list<int>  $sown  years, ascending
     * @param  list<int>  $flowers  years of their harvests
     * @param  list<int>  $stands  years in which it is on the ground
     * @param  float  $cost  weight × loss, and its own hours
     * @param  int  $keeps  growings of the rota before that are among them
     */
    public function __construct(public int $mask, public array $sown, public array $flowers, public array $stands, public float $cost, public int $keeps) {}

    /** Some growings of a line, without the rest of a pattern. */
    public static function fixed(RotaLine $line, int $mask, int $years): self
    {
        $sown = $flowers = $stands = [];
        for ($year = 0; $year < $years; $year++) {
            if (($mask >> $year & 1) === 1) {
                $sown[] = $year;
                $flowers[] = $line->harvest($year);
                array_push($stands, ...range($year, $line->harvest($year)));
            }
        }

        return new self($mask, $sown, $flowers, $stands, 0.0, 0);
    }

    /** What decides between rotas of one cost: most kept of the one before, then the fewest growings, then the earliest. Less is better; it adds up over lines. */
    public function tie(): int
    {
        return -1_000_000 * $this->keeps + 1000 * count($this->sown) + array_sum($this->sown);
    }
}
