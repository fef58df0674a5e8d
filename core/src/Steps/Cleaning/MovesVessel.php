<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

use Marrow\Core\Journal\Payload;

/** An entry by which seed came out of one vessel into another, where its tag may be left behind. */
interface MovesVessel extends Payload
{
    /** @return ?string id of the vessel that it stands in now; null where nobody said */
    public function vessel(): ?string;

    /** Whether its tag went along, by what was said. */
    public function tagged(): bool;
}
