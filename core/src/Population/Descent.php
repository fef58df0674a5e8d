<?php

declare(strict_types=1);

namespace Marrow\Core\Population;

/** That a lot came of another. */
final readonly class Descent
{
    /**
     * @param  ?string  $from  the other lot; null where nobody knows which
     * @param  ?int  $plants  that gave; null where nobody knows
     * @param  ?float  $share  of a mixture, 0 … 1; null where nobody knows, and of what is no mixture
     * @param  ?string  $plantsOf  which plants gave: lots off the same plants have it alike, and are one lot by their genes
     */
    public function __construct(public ?string $from, public Role $role = Role::Mother, public ?int $plants = null, public ?float $share = null, public ?string $plantsOf = null) {}

    /** Whether it was grown out once for it: a part of a lot is no generation of its own. */
    public function isGrown(): bool
    {
        return $this->role !== Role::Part;
    }
}
