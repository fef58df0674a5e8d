<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Breeding;

/** What gives a lot a name of its own: from then on it is of that line, and not of the variety that it was picked from. */
interface NamesLine
{
    public function name(): string;

    /** Whether the line comes true from its seed, so that it is a variety; else it still splits. */
    public function isStable(): bool;
}
