<?php

declare(strict_types=1);

namespace App\Words;

use Marrow\Core\Steps\Choosing\ChoosingStrand;

/** A planting of a variety of one year, as it was walked, and what the year was like. */
final readonly class WalkedYear
{
    /** @param  string  $weather  a sentence without its full stop; empty where nobody measured it */
    public function __construct(public int $season, public ChoosingStrand $choosing, public string $weather) {}
}
