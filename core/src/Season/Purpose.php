<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

use Marrow\Core\Fields\Choice;

/** What a planting is for. */
enum Purpose: string implements Choice
{
    case Seed = 'seed';
    case Food = 'food';
    case Both = 'both';

    public function isForSeed(): bool
    {
        return $this !== self::Food;
    }

    public function label(): string
    {
        return match ($this) {
            self::Seed => 'seed',
            self::Food => 'food',
            self::Both => 'seed and food',
        };
    }
}
