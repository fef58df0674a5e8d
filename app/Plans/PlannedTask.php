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
     */
    public function __construct(
        public string $planting,
        public PlanTaskKind $kind,
        public string $on,
        public ?string $until,
        public string $do,
        public string $why,
    ) {}
}
