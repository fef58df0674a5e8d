<?php

declare(strict_types=1);

namespace Marrow\Core\Settings;

/** What must be reckoned afresh when a setting is another. */
enum BearsOn
{
    /** It is read when something is said or printed. */
    case Nothing;
    /** What is known of lots, and their lists. */
    case Lots;
    /** Plantings, lots and plans. */
    case Everything;
}
