<?php

declare(strict_types=1);

namespace App\Plans;

use Marrow\Core\Season\SeasonPlan;

/** A plan as it stands, and what its last change was. */
final readonly class OpenPlan
{
    /** @param  ?string  $lastChange  what can be taken back; null when there is nothing */
    public function __construct(public SeasonPlan $plan, public int $version, public ?string $lastChange) {}
}
