<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Storing;

/** What the fold must know of a place where seed is kept: its name and its ordinary air. */
final readonly class StoredAt
{
    /**
     * @param  float  $temperatureC  °C
     * @param  float  $rh  per cent
     * @param  bool  $isAirKnown  whether somebody said what its air is; else it is taken as a room's
     * @param  bool  $isRhKnown  whether somebody said how damp it is; else that is taken as a room's
     */
    public function __construct(public string $name, public float $temperatureC, public float $rh, public bool $isAirKnown = true, public bool $isRhKnown = true) {}
}
