<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Shelf;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Fruit came off the shelf, and no seed of it was kept. */
final readonly class FruitOff implements Payload
{
    /** @param  list<int>  $fruits  their numbers */
    public function __construct(public array $fruits, public FruitGone $why) {}

    public static function kind(): Kind
    {
        return Kind::of('fruit_off', Subject::Planting, 'Fruit taken off the shelf')->act('Take bad ones off')->also('fruit off the shelf', 'fruit thrown out', 'rotten fruit')
            ->asks(
                Field::integers('fruits', 'Fruits', '', 1, 10_000)->called('the numbers of the fruits')->naming()->hint('By their numbers: 2 5 9'),
                Field::choice('why', 'They are', FruitGone::class)->called('why they come off')->usually(FruitGone::Rotten->value),
            )
            ->says('fruit {fruits}', '{why}');
    }
}
