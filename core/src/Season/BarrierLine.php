<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

use Marrow\Core\Isolation\Barrier;

/** A hedge, a wall or a building, as a line on the plan. */
final readonly class BarrierLine
{
    public function __construct(
        public string $id,
        public string $name,
        public Barrier $kind,
        public float $x1,
        public float $y1,
        public float $x2,
        public float $y2,
    ) {}

    /** Whether it stands across the straight way between two places, from middle to middle. */
    public function standsBetween(Rectangle $a, Rectangle $b): bool
    {
        [$ax, $ay] = $a->centre();
        [$bx, $by] = $b->centre();
        $side = static fn (float $px, float $py, float $qx, float $qy, float $rx, float $ry): float => ($qx - $px) * ($ry - $py) - ($qy - $py) * ($rx - $px);
        $d1 = $side($this->x1, $this->y1, $this->x2, $this->y2, $ax, $ay);
        $d2 = $side($this->x1, $this->y1, $this->x2, $this->y2, $bx, $by);
        $d3 = $side($ax, $ay, $bx, $by, $this->x1, $this->y1);
        $d4 = $side($ax, $ay, $bx, $by, $this->x2, $this->y2);

        return $d1 * $d2 < 0.0 && $d3 * $d4 < 0.0;
    }
}
