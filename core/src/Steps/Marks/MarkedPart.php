<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Marks;

use Marrow\Core\Fields\Choice;

/** What can be given a mark. */
enum MarkedPart: string implements Choice
{
    case Plant = 'plant';
    case Head = 'head';
    case Fruit = 'fruit';

    public function label(): string
    {
        return $this->value;
    }
}
