<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** What kind of population a variety is, and so whether its seed comes true. */
enum VarietyType: string
{
    case OpenPollinated = 'open_pollinated';
    case Hybrid = 'hybrid';
    case Stabilising = 'stabilising';
    case Landrace = 'landrace';
    case Unknown = 'unknown';

    public function line(): LineCertainty
    {
        return match ($this) {
            self::OpenPollinated => LineCertainty::True,
            self::Hybrid => LineCertainty::Crossed,
            self::Stabilising, self::Unknown => LineCertainty::Unsure,
            self::Landrace => LineCertainty::Mixing,
        };
    }
}
