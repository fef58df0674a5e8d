<?php

declare(strict_types=1);

namespace Marrow\Core\Drying;

/** What is known of the moisture that seed settles to. */
enum BalanceGround: string
{
    /** Measured on seed of this species. */
    case Measured = 'measured';

    /** Measured on others of its genus. */
    case Genus = 'genus';

    /** The usual ratio of the vegetables that were measured. */
    case Usual = 'usual';

    /** The equation alone, by the oil of the seed. */
    case Equation = 'equation';

    /**
     * Points of moisture within which real seed lies nineteen times in twenty, for a hygrometer good to 2 % either way. Of
     * those that were measured and of the usual ratio as the simulation of drying found it (docs/reckoning/water.md); of the
     * genus between the two; the equation alone came out up to four points too wet.
     */
    public function within(): float
    {
        return match ($this) {
            self::Measured => 1.0,
            self::Genus => 1.5,
            self::Usual => 2.0,
            self::Equation => 4.0,
        };
    }
}
