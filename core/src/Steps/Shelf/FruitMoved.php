<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Shelf;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Fruit was carried from one shelf to another. */
final readonly class FruitMoved implements Payload
{
    /** @param  list<int>  $fruits  their numbers */
    public function __construct(public array $fruits, public string $placeId) {}

    public static function kind(): Kind
    {
        return Kind::of('fruit_moved', Subject::Planting, 'Fruit moved')->act('Move fruit')->also('moved fruit')
            ->asks(
                Field::integers('fruits', 'Fruits', '', 1, 10_000)->called('the numbers of the fruits')->naming()->hint('By their numbers: 2 5 9'),
                Field::reference('place_id', 'To', Subject::Place)->called('where they lie now'),
            )
            ->says('fruit {fruits}', 'to {place_id}');
    }
}
