<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** Outline of a fruit, as most varieties of its crop have it: it is drawn by it, and nothing else follows from it. */
enum FruitShape: string
{
    case Round = 'round';
    case Long = 'long';
    case Necked = 'necked';
    case Flat = 'flat';
}
