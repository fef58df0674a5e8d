<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

use Marrow\Core\Drying\HandSign;

/** A way of telling that seed is dry. No single one is sure. */
enum DrynessTest: string
{
    case Snap = 'snap';
    case Hammer = 'hammer';
    case Bite = 'bite';
    case JarRh = 'jar_rh';
    case Weight = 'weight';

    /** What the hand does for it; null where no hand does. */
    public function byHand(): ?HandSign
    {
        return match ($this) {
            self::Snap => HandSign::Snap,
            self::Hammer => HandSign::Hammer,
            self::Bite => HandSign::Teeth,
            self::JarRh, self::Weight => null,
        };
    }
}
