<?php

declare(strict_types=1);

namespace App\Plans;

use RuntimeException;

/** Somebody else has changed the plan since it was opened. */
final class PlanMoved extends RuntimeException
{
    public static function since(int $version): self
    {
        return new self("Somebody has changed this plan since you opened it (version $version). What you typed is kept: open the plan anew and make your change there.");
    }
}
