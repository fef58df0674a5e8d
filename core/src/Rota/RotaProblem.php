<?php

declare(strict_types=1);

namespace Marrow\Core\Rota;

/** Which lines there are to keep over some years, what they ask, what crosses and what the keeper gives. */
final readonly class RotaProblem
{
    public const FEWEST_YEARS = 1;

    public const MOST_YEARS = 12;

    public const MOST_LINES = 500;

    /** The risk that an hour of work is worth: ten hours to lower a line's loss by ten points. */
    public const HOUR_PRICE = 0.01;

    /**
     * @param  int  $years  1 … 12
     * @param  float  $hourPrice  the risk that an hour of work is worth, 0 or more
     * @param  list<RotaLine>  $lines  no two of one id
     * @param  list<RotaConflict>  $conflicts  of lines that are there
     * @param  list<array{line: string, sow: int}>  $before  growings of the rota that was gone by; of rotas that cost the same, that which keeps the most of them is chosen
     */
    public function __construct(
        public int $firstYear,
        public int $years,
        public float $hourPrice,
        public RotaLimits $limits,
        public array $lines,
        public array $conflicts = [],
        public array $before = [],
    ) {}

    /** @param  list<RotaLine>  $lines */
    public function withLines(array $lines): self
    {
        $there = array_fill_keys(array_map(static fn (RotaLine $line): string => $line->id, $lines), true);
        $conflicts = [];
        foreach ($this->conflicts as $conflict) {
            $left = array_values(array_filter($conflict->lines, static fn (string $id): bool => isset($there[$id])));
            if (count($left) > 1) {
                $conflicts[] = new RotaConflict($left, $conflict->never, $conflict->hours, $conflict->cages);
            }
        }

        return new self($this->firstYear, $this->years, $this->hourPrice, $this->limits, $lines, $conflicts, $this->before);
    }

    public function withLimits(RotaLimits $limits): self
    {
        return new self($this->firstYear, $this->years, $this->hourPrice, $limits, $this->lines, $this->conflicts, $this->before);
    }

    /** @param  \Closure(RotaLine): RotaLine  $change */
    public function withEach(\Closure $change): self
    {
        return new self($this->firstYear, $this->years, $this->hourPrice, $this->limits, array_map($change, $this->lines), $this->conflicts, $this->before);
    }

    /**
     * Without the pins of lines whose needs collide: what there would be if they were given up.
     *
     * @param  list<Breach>  $breaches
     */
    public function withoutPinsIn(array $breaches): self
    {
        $colliding = array_fill_keys(array_merge(...array_map(static fn (Breach $breach): array => $breach->lines, $breaches)), true);

        return $this->withEach(static fn (RotaLine $line): RotaLine => isset($colliding[$line->id]) ? $line->withYears([], $line->forbidden) : $line);
    }

    public function line(string $id): ?RotaLine
    {
        foreach ($this->lines as $line) {
            if ($line->id === $id) {
                return $line;
            }
        }

        return null;
    }
}
