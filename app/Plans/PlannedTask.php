<?php

declare(strict_types=1);

namespace App\Plans;

use Marrow\Core\Season\PlanTaskKind;
use Marrow\Core\Steps\Tending\CoverKind;

/** Something a plan asks to be done, said. */
final readonly class PlannedTask
{
    /** Said of a planting, what the plan asks of it goes by this and the kind. */
    public const PUT_OFF = 'plan_';

    /**
     * @param  string  $planting  id in the plan
     * @param  string  $on  day
     * @param  ?string  $variety  id of what is to be sown; null of anything else
     * @param  int  $plants  that are to be sown
     * @param  ?string  $grown  id of the planting, once it is sown
     * @param  int  $standing  plants of it
     * @param  int  $inStore  of them lifted
     * @param  string  $code  of that planting
     * @param  string  $bed  in which it is to stand, where it is planted out
     * @param  ?PlannedSeed  $seed  the packet that waits for it
     * @param  ?CoverKind  $with  what it is to be covered with
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
        public int $year = 0,
        public ?string $grown = null,
        public int $standing = 0,
        public int $inStore = 0,
        public string $code = '',
        public string $bed = '',
        public ?CoverKind $with = null,
    ) {}
}
