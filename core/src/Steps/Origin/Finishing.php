<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Origin;

use Marrow\Core\Fields\Choice;

/** How plants or heads that were cut early lie or hang until their seed is ripe and dry. */
enum Finishing: string implements Choice
{
    case Hung = 'hung';
    case Sheet = 'sheet';
    case Rack = 'rack';
    case Sheaves = 'sheaves';
    case Bag = 'bag';
    case Windrow = 'windrow';

    public function label(): string
    {
        return match ($this) {
            self::Hung => 'hung under cover',
            self::Sheet => 'on a sheet under cover',
            self::Rack => 'on a rack',
            self::Sheaves => 'in sheaves',
            self::Bag => 'in paper bags',
            self::Windrow => 'in a windrow outdoors',
        };
    }

    /** Days after which it is turned, so that none of it heats; null where air comes to all of it. */
    public function turnEvery(): ?int
    {
        return match ($this) {
            self::Sheet, self::Rack => 2,
            self::Bag, self::Windrow => 1,
            self::Hung, self::Sheaves => null,
        };
    }
}
