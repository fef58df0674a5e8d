<?php

declare(strict_types=1);

namespace App\Models;

use RuntimeException;

/** Something else was kept under the id that was sent: the same sent again is one, another is not. */
final class TakenAlready extends RuntimeException
{
    public function __construct(string $what)
    {
        parent::__construct("$what was kept under this id already, and is another. Nothing was changed.");
    }
}
