<?php

declare(strict_types=1);

namespace Marrow\Core\Selection;

/** How a trait is taken down. */
enum TraitScale: string
{
    /** From 1, poor, to 5, as good as it gets. */
    case Marks = 'marks';

    case Words = 'words';

    case Measure = 'measure';
}
