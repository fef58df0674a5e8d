<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** A bath in water so hot, for so long, that takes a disease off the seed and nearly harms it. */
final readonly class HotWater
{
    /** @param  float  $temperature  °C */
    public function __construct(public float $temperature, public int $minutes) {}
}
