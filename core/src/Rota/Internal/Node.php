<?php

declare(strict_types=1);

namespace Marrow\Core\Rota\Internal;

/** A part of all rotas: those made of some patterns of each line. */
final readonly class Node
{
    /**
     * @param  list<list<Pattern>>  $patterns  of each line, at least one, the cheapest first
     * @param  float  $bound  that none of them is below
     */
    public function __construct(public array $patterns, public Prices $prices, public float $bound) {}

    /** Those of its rotas in which a line is sown in a year, or is not. */
    public function with(int $line, int $year, bool $sown): self
    {
        $patterns = $this->patterns;
        $patterns[$line] = array_values(array_filter($patterns[$line], static fn (Pattern $pattern): bool => ($pattern->mask >> $year & 1) === ($sown ? 1 : 0)));

        return new self($patterns, $this->prices, $this->bound);
    }

    public function isOne(): bool
    {
        return array_all($this->patterns, static fn (array $patterns): bool => count($patterns) === 1);
    }
}
