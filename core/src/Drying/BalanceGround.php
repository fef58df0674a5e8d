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
}
