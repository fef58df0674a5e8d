<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

use Marrow\Core\Fields\Choice;

/** What kind of population a variety is, and so whether its seed comes true. */
enum VarietyType: string implements Choice
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

    /** Whether seed of its own will be something else. */
    public function isHybrid(): bool
    {
        return $this === self::Hybrid;
    }

    public function label(): string
    {
        return match ($this) {
            self::OpenPollinated => 'open-pollinated: comes true',
            self::Hybrid => 'a hybrid (F1)',
            self::Stabilising => 'being made stable (F2, F3 …)',
            self::Landrace => 'mixed on purpose',
            self::Unknown => 'not known',
        };
    }
}
