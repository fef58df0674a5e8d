<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Subject;

/** What is asked of every move from one vessel into another. */
final class Vessel
{
    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::flag('tag', 'Its tag goes along')->called('whether its tag goes along'),
            Field::reference('vessel', 'Into', Subject::Container)->called('the vessel')->optional()->hint('A bowl, bucket, jar or sack that has a name')->seldom(),
        ];
    }
}
