<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Choosing;

/** What is known of one plant of a row. */
final readonly class WalkedPlant
{
    /** @param  array<string, float>  $scores  by the name of the trait */
    public function __construct(
        public int $number,
        public array $scores,
        public ?StruckOut $out,
        public bool $atEdge,
        public string $rare,
        public \DateTimeImmutable $seenAt,
    ) {}

    /** @param  array<string, float>  $scores  told anew; what was told of other traits stands */
    public function again(array $scores, PlantLookedAt $look, \DateTimeImmutable $at): self
    {
        return new self($this->number, [...$this->scores, ...$scores], $look->out, $look->atEdge || $this->atEdge, $look->rare === '' ? $this->rare : $look->rare, $at);
    }
}
