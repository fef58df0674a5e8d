<?php

declare(strict_types=1);

namespace Marrow\Core\Storage;

/** What the constants of a storage-life forecast rest on. */
enum ConstantsBasis: string
{
    /** Measured for this crop and published. */
    case Published = 'published';

    /** Solved from the crop's ordinary years of storage, with the temperature terms common to most seed. */
    case OrdinaryYears = 'ordinary_years';

    /** Given by the person asking. */
    case Given = 'given';

    /**
     * How far the life of a real lot may lie from the forecast, as a factor either way. Stated assumptions: lots of one
     * crop differ by about half either way where the constants were measured; twice or half where they were not.
     */
    public function spread(): float
    {
        return $this === self::OrdinaryYears ? 2.0 : 1.5;
    }

    /** Of the logarithm of the pace, one standard deviation: the spread is the 90 % band. */
    public function spreadOfLog(): float
    {
        return log($this->spread()) / 1.6448536269514722;
    }
}
