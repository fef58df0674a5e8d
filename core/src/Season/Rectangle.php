<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

use Marrow\Core\Fields\Values;

/** A piece of ground in metres: x to the right and y downwards on the plan, from its upper left corner. */
final readonly class Rectangle
{
    public function __construct(
        public float $x,
        public float $y,
        public float $width,
        public float $depth,
    ) {}

    /** Of a part of a plan that has x, y, width and depth. */
    public static function of(Values $values): self
    {
        return new self($values->number('x'), $values->number('y'), $values->number('width'), $values->number('depth'));
    }

    /** @return array{x: float, y: float, width: float, depth: float} */
    public function toArray(): array
    {
        return ['x' => $this->x, 'y' => $this->y, 'width' => $this->width, 'depth' => $this->depth];
    }

    /**
     * Ground for plants at a spacing, in rows both ways: the sides that are given stand, the others are what it takes; with
     * neither given, as square as it goes.
     *
     * @param  float  $spacing  m, above 0
     */
    public static function forPlants(float $x, float $y, ?float $width, ?float $depth, int $plants, float $spacing): self
    {
        $fit = static fn (float $side): int => max(1, (int) floor($side / $spacing + 1e-6));
        $needed = static fn (int $rows): float => round((int) ceil($plants / $rows) * $spacing, 3);
        $depth ??= $width === null ? round(max(1, (int) floor(sqrt($plants))) * $spacing, 3) : $needed($fit($width));

        return new self($x, $y, $width ?? $needed($fit($depth)), $depth);
    }

    /** Metres between the nearest edges; 0 where they touch or overlap. */
    public function distanceTo(self $other): float
    {
        $dx = max(0.0, $other->x - ($this->x + $this->width), $this->x - ($other->x + $other->width));
        $dy = max(0.0, $other->y - ($this->y + $this->depth), $this->y - ($other->y + $other->depth));

        return hypot($dx, $dy);
    }

    public function overlaps(self $other): bool
    {
        return $this->x < $other->x + $other->width && $other->x < $this->x + $this->width
            && $this->y < $other->y + $other->depth && $other->y < $this->y + $this->depth;
    }

    /** Whether it lies wholly within; edges may touch, and a millimetre over is a slip of the hand. */
    public function isWithin(self $other): bool
    {
        $slip = 0.001;

        return $this->x >= $other->x - $slip && $this->y >= $other->y - $slip
            && $this->x + $this->width <= $other->x + $other->width + $slip
            && $this->y + $this->depth <= $other->y + $other->depth + $slip;
    }

    /** @return array{float, float} */
    public function centre(): array
    {
        return [$this->x + $this->width / 2, $this->y + $this->depth / 2];
    }

    public function movedTo(float $x, float $y): self
    {
        return new self($x, $y, $this->width, $this->depth);
    }

    /** Plants that fit at a spacing, in rows; at least one. */
    public function holds(float $spacing): int
    {
        $along = max(1, (int) floor($this->width / $spacing + 1e-6));
        $across = max(1, (int) floor($this->depth / $spacing + 1e-6));

        return $along * $across;
    }
}
