<?php

declare(strict_types=1);

namespace App\Works;

/** What has to be done again and again, whatever is written meanwhile: instruments are asked. */
interface Chores
{
    /** Called about once a minute by the program that works by itself. */
    public function due(): void;
}
