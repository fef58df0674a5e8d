<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** A way of telling that seed is dry. No single one is sure. */
enum DrynessTest: string
{
    case Snap = 'snap';
    case Hammer = 'hammer';
    case Bite = 'bite';
    case JarRh = 'jar_rh';
    case Weight = 'weight';
}
