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

    /** What it was made to be, where that alone says how its seed comes; null where that rests on how it was grown. */
    public function line(): ?LineWord
    {
        return match ($this) {
            self::OpenPollinated, self::Unknown => null,
            self::Hybrid => LineWord::Hybrid,
            self::Stabilising => LineWord::NotFixed,
            self::Landrace => LineWord::Mixing,
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
