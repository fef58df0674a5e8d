<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Origin;

/** A lot that another is of, as it stood when that was made of it. */
final readonly class Source
{
    /** @param  ?float  $seeds  that there were of it; null where nobody knew */
    public function __construct(public ?float $seeds, public OriginStrand $origin) {}
}
