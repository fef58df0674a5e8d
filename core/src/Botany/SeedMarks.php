<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** A pattern of two colours on one seed. */
enum SeedMarks: string
{
    case Mottled = 'mottled';
    case Striped = 'striped';
    case Eye = 'eye';
}
