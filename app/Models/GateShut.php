<?php

declare(strict_types=1);

namespace App\Models;

use RuntimeException;

/** Somebody is going back to a copy and lets nobody in, or somebody stays inside and it cannot be gone back to one. */
final class GateShut extends RuntimeException
{
    public function __construct(int $wanted)
    {
        parent::__construct($wanted === LOCK_EX
            ? 'Others are still at work in the garden, so it was not gone back to a copy. Nothing was changed; try again.'
            : 'The garden is just being put back to a copy. Nothing is lost: it is tried again.');
    }
}
