<?php

declare(strict_types=1);

namespace App\Lineage;

/** Why a lot is taken to be crossed. */
final readonly class Crossing
{
    /**
     * @param  string  $lot  code of the lot that the off-types were grown from
     * @param  string  $seenIn  code of the planting in which they were seen
     * @param  ?string  $came  code of the planting in which it must have been crossed; null where it came from elsewhere
     * @param  ?int  $season  of that planting
     * @param  ?\DateTimeImmutable  $cameToLight  when the off-types were seen
     */
    public function __construct(
        public string $lot,
        public string $seenIn,
        public ?string $came,
        public ?int $season,
        public int $off,
        public int $seen,
        public ?\DateTimeImmutable $cameToLight = null,
    ) {}
}
