<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

use Marrow\Core\Fields\Choice;

/** What is done to keep foreign pollen from a planting, or its own pollen in. */
enum Cover: string implements Choice
{
    case Open = 'open';

    /** A net or cage all through bloom, pollinated by hand or by insects kept in it. */
    case Caged = 'caged';

    /** Cages of two or more varieties, opened in turn: bees visit, and never two varieties on one day. */
    case Alternate = 'alternate';

    /** Single flowers or heads closed before they open, pollinated by hand; the other flowers stay open. */
    case Bagged = 'bagged';

    /** Whether pollen from elsewhere is kept out altogether. */
    public function keepsOut(): bool
    {
        return $this === self::Caged || $this === self::Bagged;
    }

    /** Whether its own pollen is kept in. */
    public function keepsIn(): bool
    {
        return $this === self::Caged;
    }

    public function label(): string
    {
        return match ($this) {
            self::Open => 'nothing but distance',
            self::Caged => 'a cage all through bloom',
            self::Alternate => 'cages opened in turn',
            self::Bagged => 'bags on the flowers',
        };
    }
}
