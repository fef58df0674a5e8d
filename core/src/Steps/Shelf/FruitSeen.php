<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Shelf;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Fruit on the shelf was looked over. */
final readonly class FruitSeen implements Payload
{
    /** @param  list<int>  $fruits  their numbers */
    public function __construct(public array $fruits, public FruitState $how = FruitState::Sound) {}

    public static function kind(): Kind
    {
        return Kind::of('fruit_seen', Subject::Planting, 'Fruit looked over')->act('Look over the fruit')->also('looked over fruit', 'fruit found', 'fruit', 'fruits')
            ->asks(
                Field::integers('fruits', 'Fruits', '', 1, 10_000)->called('the numbers of the fruits')->naming()->hint('By their numbers: 2 5 9'),
                Field::choice('how', 'They are', FruitState::class)->called('how they are')->optional(FruitState::Sound)->usually(FruitState::Sound->value),
            )
            ->says('fruit {fruits}', '{how}');
    }
}
