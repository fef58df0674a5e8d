<?php

declare(strict_types=1);

namespace Marrow\Core\Journal;

/** What an entry is about. The value is the word kept in the journal; it never changes. */
enum Subject: string
{
    case Planting = 'planting';
    case Lot = 'lot';
    case Container = 'container';
    case Place = 'place';

    /** Whether what is recorded of others and refers to it bears on it: a lot hears of a sowing, a place of nothing put in it. */
    public function hears(): bool
    {
        return match ($this) {
            self::Planting, self::Lot => true,
            self::Container, self::Place => false,
        };
    }

    /** With which its code begins, where it has a number: L7, P3. What goes by a name has none. */
    public function letter(): ?string
    {
        return match ($this) {
            self::Planting => 'P',
            self::Lot => 'L',
            self::Container, self::Place => null,
        };
    }
}
