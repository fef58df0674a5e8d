<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Drying;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Subject;

/** Where seed lies to dry, and what helps it: asked as it is spread, and as it is moved. */
final class DriesHow
{
    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::reference('place_id', 'In', Subject::Place)->called('the place where it dries')->optional()->hint('Its air says how dry it will come there'),
            Field::choice('where', 'It lies', DriesWhere::class)->called('where it lies')->optional(),
            Field::choice('aid', 'With', DryingAid::class)->called('what helps it to dry')->optional()->hint('A fan moves the air and dries it not; a dehumidifier in a shut room and what cools the air do'),
            Field::number('temperature_c', 'In air of', '°C', -10, 90)->called('how warm the air is')->optional()->hint('By a stove, over a heater, in a dehydrator'),
        ];
    }
}
