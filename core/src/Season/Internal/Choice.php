<?php

declare(strict_types=1);

namespace Marrow\Core\Season\Internal;

use Marrow\Core\Season\Rectangle;
use Marrow\Core\Season\Remedy;

/** One thing that may be done with one planting, reduced to what bears on crossing. Days are counted from 1970. */
final readonly class Choice
{
    /**
     * @param  ?Remedy  $remedy  null to leave it as planned
     * @param  int  $spot  number of its place among the planting's possible ones
     * @param  bool  $takes  whether foreign pollen can get to it and matters
     * @param  bool  $gives  whether its pollen gets out
     */
    public function __construct(
        public ?Remedy $remedy,
        public Rectangle $place,
        public int $spot,
        public int $from,
        public int $to,
        public bool $takes,
        public bool $gives,
        public bool $alternate,
        public float $cost,
    ) {}

    /** Whether pollen of the other can get to it at all. */
    public function meets(self $other): bool
    {
        return $this->takes && $other->gives && ! ($this->alternate && $other->alternate);
    }

    /** Share of its own bloom that falls into a time, 0 … 1. */
    public function overlap(int $from, int $to): float
    {
        return max(0, min($this->to, $to) - max($this->from, $from) + 1) / max(1, $this->to - $this->from + 1);
    }

    /** Whether both cannot be: they would stand on the same ground, and not because they are planned so. */
    public function shutsOut(self $other): bool
    {
        return ($this->remedy?->spot !== null || $other->remedy?->spot !== null) && $this->place->overlaps($other->place);
    }
}
