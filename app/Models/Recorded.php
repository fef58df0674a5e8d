<?php

declare(strict_types=1);

namespace App\Models;

/** Something that entries of the journal are about. */
interface Recorded
{
    /** What it is called where it is spoken of in short. */
    public function code(): string;

    public function id(): string;
}
