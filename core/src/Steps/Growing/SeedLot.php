<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Growing;

/** What must be known of a lot before it can have been sown. */
final readonly class SeedLot
{
    /**
     * @param  string  $crop  its key
     * @param  string  $variety  id of its variety
     * @param  string  $name  of the variety
     */
    public function __construct(public string $code, public string $crop, public string $variety, public string $name) {}
}
