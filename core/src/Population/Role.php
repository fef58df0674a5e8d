<?php

declare(strict_types=1);

namespace Marrow\Core\Population;

/** As what something gave to a lot. */
enum Role: string
{
    case Mother = 'mother';

    /** Its pollen, where that was carried from another planting on purpose. */
    case Father = 'father';

    /** A part of it, or all of it: it was poured together, or set apart. */
    case Part = 'part';
}
