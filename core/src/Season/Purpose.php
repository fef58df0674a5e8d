<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

/** What a planting is for. */
enum Purpose: string
{
    case Seed = 'seed';
    case Food = 'food';
    case Both = 'both';

    public function isForSeed(): bool
    {
        return $this !== self::Food;
    }
}
