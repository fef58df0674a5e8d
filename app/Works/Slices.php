<?php

declare(strict_types=1);

namespace App\Works;

/** Work that goes on by itself, slice by slice, until it is up to date. */
interface Slices
{
    /** @return bool whether anything was left to do before it */
    public function workOff(int $most): bool;
}
