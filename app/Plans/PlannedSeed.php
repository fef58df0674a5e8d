<?php

declare(strict_types=1);

namespace App\Plans;

/** The packet that was made for a sowing of the plan. */
final readonly class PlannedSeed
{
    /**
     * @param  string  $lot  id
     * @param  string  $container  id of the packet
     * @param  string  $code  that stands on it
     * @param  ?int  $seeds  that are in it
     * @param  ?int  $plants  that it was made for
     * @param  string  $path  where it lies
     */
    public function __construct(public string $lot, public string $container, public string $code, public ?int $seeds, public ?int $plants, public string $path) {}
}
