<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Pollinating;

/** What must be known of a planting before its pollen can have been carried to this one. */
final readonly class PollenPlanting
{
    /**
     * @param  string  $species  genus and epithet
     * @param  string  $variety  id of its variety
     * @param  string  $name  of the variety
     * @param  string  $family  of plants
     */
    public function __construct(public string $code, public string $species, public string $variety, public string $name, public string $family = '') {}
}
