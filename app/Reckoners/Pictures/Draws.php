<?php

declare(strict_types=1);

namespace App\Reckoners\Pictures;

use App\Reckoners\Asked;

/** Draws what some families of reckonings answer. */
interface Draws
{
    /** @return list<string> the first parts of their names */
    public static function families(): array;

    /** Null where a picture says no more than the figures. */
    public function of(Asked $asked): Picture|Range|null;
}
