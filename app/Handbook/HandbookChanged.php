<?php

declare(strict_types=1);

namespace App\Handbook;

/** A figure of a crop, or of a variety of it, is another now. Whoever keeps something reckoned with it follows. */
final readonly class HandbookChanged
{
    public function __construct(public string $crop) {}
}
