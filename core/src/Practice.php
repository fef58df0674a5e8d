<?php

declare(strict_types=1);

namespace Marrow\Core;

/** The keeper's settings where practitioners disagree. */
final readonly class Practice
{
    /**
     * @param  float  $good  share from which seed is sown as usual
     * @param  float  $poor  share below which it is not relied on
     * @param  float  $untestedShare  taken for seed that has never been tested: what sound fresh seed usually gives
     */
    public function __construct(
        public float $good = 0.80,
        public float $poor = 0.60,
        public float $untestedShare = 0.95,
    ) {}
}
