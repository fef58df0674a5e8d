<?php

declare(strict_types=1);

namespace Marrow\Core\Rota;

/** A line of seed that is to be kept alive, with what a growing of it asks. Years are counted from the first of the rota as 0. */
final readonly class RotaLine
{
    /**
     * @param  float  $weight  what its loss counts, 0 or more
     * @param  list<float>  $alive  by year, that after the last included: chance that the seed now held can still renew it when sown then
     * @param  list<float>  $renewed  the same of new seed, by years since its harvest
     * @param  float  $fails  chance that a growing gives no usable seed, 0 … 1
     * @param  int  $stands  seasons on the ground, at least 1: sown in the first, harvested in the last
     * @param  ?int  $sowings  growings that the seed now held suffices for; null for as many as are wanted
     * @param  float  $area  m², in every season that it stands
     * @param  float  $hours  in every season that it stands
     * @param  float  $cages  in its last season
     * @param  list<int>  $pinned  years in which it is sown whatever else is
     * @param  list<int>  $forbidden  years in which it is not sown
     */
    public function __construct(
        public string $id,
        public float $weight,
        public array $alive,
        public array $renewed,
        public float $fails = 0.0,
        public int $stands = 1,
        public ?int $sowings = null,
        public float $area = 0.0,
        public float $hours = 0.0,
        public float $cages = 0.0,
        public array $pinned = [],
        public array $forbidden = [],
    ) {}

    /** The year in which what is sown in one is harvested. */
    public function harvest(int $sown): int
    {
        return $sown + $this->stands - 1;
    }

    /**
     * With the seed now held ageing so many times as fast.
     *
     * @param  float  $pace  0 … 1: stored colder or drier
     */
    public function ageing(float $pace): self
    {
        $last = count($this->alive) - 1;
        $alive = [];
        for ($year = 0; $year <= $last; $year++) {
            $at = min((float) $last, $year * $pace);
            $before = (int) floor($at);
            $alive[] = $this->alive[$before] + ($at - $before) * ($this->alive[min($last, $before + 1)] - $this->alive[$before]);
        }

        return new self($this->id, $this->weight, $alive, $this->renewed, $this->fails, $this->stands, $this->sowings, $this->area, $this->hours, $this->cages, $this->pinned, $this->forbidden);
    }

    /**
     * @param  list<int>  $pinned
     * @param  list<int>  $forbidden
     */
    public function withYears(array $pinned, array $forbidden): self
    {
        return new self($this->id, $this->weight, $this->alive, $this->renewed, $this->fails, $this->stands, $this->sowings, $this->area, $this->hours, $this->cages, $pinned, $forbidden);
    }
}
