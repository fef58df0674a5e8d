<?php

declare(strict_types=1);

namespace App\Lineage;

/** Why a lot is taken to be crossed. */
final readonly class Crossing
{
    /**
     * @param  string  $lot  code of the lot that the off-types were grown from
     * @param  string  $seenIn  code of the planting in which they were seen
     * @param  string  $came  code of the planting in which it must have been crossed
     * @param  int  $season  of that planting
     */
    public function __construct(
        public string $lot,
        public string $seenIn,
        public string $came,
        public int $season,
        public int $off,
        public int $seen,
    ) {}

    public function sentence(string $code): string
    {
        $off = sprintf('%d of %d plants grown from it in %s were off-type', $this->off, $this->seen, $this->seenIn);
        $came = "so it was crossed in $this->came, in the bloom of $this->season";

        return $code === $this->lot
            ? "Crossed: $off, $came. Do not sow it for seed; everything grown from it is marked too."
            : "Crossed: it descends from $this->lot; $off, $came.";
    }
}
