<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Drying;

/** One weighing on the racks, with the moisture that it means where that can be known. */
final readonly class Weighing
{
    /**
     * @param  float  $mass  g
     * @param  float|null  $moisture  per cent of wet mass
     */
    public function __construct(
        public \DateTimeImmutable $at,
        public float $mass,
        public ?float $moisture,
    ) {}
}
