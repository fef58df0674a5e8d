<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

/** Something in a plan that is allowed but worth saying. */
final readonly class PlanRemark
{
    /**
     * @param  ?PlannedPlanting  $planting  that it concerns
     * @param  string  $with  the other one: a bed's name, or a planting's id; may be empty
     * @param  string  $here  the first bed's name; may be empty
     * @param  int  $figure  plants that fit, or parents that keep a variety; 0 where none belongs here
     * @param  ?\DateTimeImmutable  $day  the frost, or the latest sowing that would ripen
     */
    public function __construct(
        public PlanRemarkKind $kind,
        public ?PlannedPlanting $planting = null,
        public string $with = '',
        public string $here = '',
        public int $figure = 0,
        public ?\DateTimeImmutable $day = null,
    ) {}
}
