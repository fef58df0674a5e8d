<?php

declare(strict_types=1);

namespace Marrow\Core\Rota;

/** A rota with what is known of how good it is. */
final readonly class FoundRota
{
    /** Proven is a rota where none can be cheaper by more: solvers are no more exact. */
    public const EXACT = 1e-6;

    /**
     * @param  float  $bound  a cost that no rota is below
     * @param  bool  $isProven  whether none is cheaper
     */
    public function __construct(public Rota $rota, public float $bound, public bool $isProven) {}

    /** By how much of its cost a better one could be cheaper, at most: 0 … 1. */
    public function gap(): float
    {
        $cost = $this->rota->cost();

        return $cost <= 1e-12 ? 0.0 : max(0.0, ($cost - $this->bound) / $cost);
    }
}
