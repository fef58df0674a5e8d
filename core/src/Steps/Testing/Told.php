<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Testing;

/** Whether a test was recorded here, or only what came of it was told. */
enum Told
{
    case Not;
    /** By the keeper, of a test before Marrow. */
    case ByKeeper;
    /** By whoever the seed came from. */
    case ByGiver;

    /** Seeds that what somebody says of a test counts as at the most: nobody knows how it was done, and of which seed. */
    public const AT_MOST = 25;
}
