<?php

declare(strict_types=1);

namespace Marrow\Core\Drying;

use Marrow\Core\Fields\Choice;

/** Cards with spots, each by the humidities beside them. */
enum CardKind: string implements Choice
{
    case Six = '10-20-30-40-50-60';
    case Four = '20-30-40-50';
    case Three = '30-40-50';
    case Low = '10-20-30';

    public function label(): string
    {
        return 'spots at '.implode(', ', $this->spots()).' %';
    }

    /** @return list<int> per cent, rising */
    public function spots(): array
    {
        return array_map(intval(...), explode('-', $this->value));
    }
}
