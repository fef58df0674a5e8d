<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Pollinating;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** The keeper means to pollinate by hand, for so many fruits, pods or heads. */
final readonly class HandWanted implements Payload
{
    public function __construct(public int $fruits) {}

    public static function kind(): Kind
    {
        return Kind::of('hand_wanted', Subject::Planting, 'To be pollinated by hand')->act('Pollinate it by hand')
            ->asks(Field::integer('fruits', 'Fruits, pods or heads wanted for seed', '', 1, 100_000)->called('the number wanted')->of('fruit, pod or head'))
            ->says('{fruits} wanted');
    }
}
