<?php

declare(strict_types=1);

namespace Marrow\Core\Drying;

use Marrow\Core\Fields\Choice;

/** Cards with spots, by the humidities beside them. */
enum CardKind: string implements Choice
{
    case Six = 'six';
    case Four = 'four';
    case Three = 'three';
    case Low = 'low';

    public function label(): string
    {
        return 'spots at '.implode(', ', $this->spots()).' %';
    }

    /** @return list<int> per cent, rising */
    public function spots(): array
    {
        return match ($this) {
            self::Six => [10, 20, 30, 40, 50, 60],
            self::Four => [20, 30, 40, 50],
            self::Three => [30, 40, 50],
            self::Low => [10, 20, 30],
        };
    }
}
