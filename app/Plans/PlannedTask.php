<?php

declare(strict_types=1);

namespace App\Plans;

use Marrow\Core\Season\PlanTaskKind;

/** Something a plan asks to be done, said. */
final readonly class PlannedTask
{
    /**
     * @param  string  $planting  id in the plan
     * @param  string  $on  day
     * @param  ?string  $variety  id of what is to be sown; null of anything else
     * @param  int  $plants  that are to be sown
     * @param  ?PlannedSeed  $seed  the packet that waits for it
     */
    public function __construct(
        public string $planting,
        public PlanTaskKind $kind,
        public string $on,
        public ?string $until,
        public string $do,
        public string $why,
        public ?string $variety = null,
        public int $plants = 0,
        public ?PlannedSeed $seed = null,
    ) {}
}
