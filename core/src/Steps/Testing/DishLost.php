<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Testing;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** A dish of a test was dropped, dried out or forgotten: what was in it tells nothing, and none of it is counted as dead. */
final readonly class DishLost implements Payload
{
    /**
     * @param  string  $test  id of the test
     * @param  int  $dish  which of its replicates, from 1
     */
    public function __construct(public string $test, public int $dish) {}

    public static function kind(): Kind
    {
        return Kind::of('dish_lost', Subject::Lot, 'A dish of a test lost')->act('Leave a dish out')->also('dish lost', 'dish dropped', 'dish dried out')
            ->asks(
                Field::id('test', 'Which test it was of'),
                Field::integer('dish', 'Which dish', '', 1, 20)->called('the number of the dish')->usually(1)->hint('Dropped, dried out, eaten empty: it tells nothing, and none of it counts as dead'),
            )
            ->says('dish {dish}');
    }
}
