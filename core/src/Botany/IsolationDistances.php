<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** The distances of one crop, in metres, by the three standards; they never shrink as the standard rises. */
final readonly class IsolationDistances
{
    public function __construct(
        public float $home,
        public float $careful,
        public float $grower,
    ) {}

    public function at(IsolationStandard $standard): float
    {
        return match ($standard) {
            IsolationStandard::Home => $this->home,
            IsolationStandard::Careful => $this->careful,
            IsolationStandard::Grower => $this->grower,
        };
    }
}
