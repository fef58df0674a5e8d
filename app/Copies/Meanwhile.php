<?php

declare(strict_types=1);

namespace App\Copies;

/** Something was recorded after it was said what would be lost. */
final class Meanwhile extends CopyFailed
{
    public function __construct()
    {
        parent::__construct('Something has been recorded meanwhile. Look again at what would be lost.');
    }
}
