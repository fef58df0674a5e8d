<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Shelf;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** The seed of fruit from the shelf went into a lot. */
final readonly class FruitSeed implements Payload
{
    /** @param  list<int>  $fruits  their numbers */
    public function __construct(public array $fruits, public string $lot) {}

    public static function kind(): Kind
    {
        return Kind::of('fruit_seed', Subject::Planting, 'Seed taken out of fruit')->act('Its seed went into a lot')->also('seed out of fruit')
            ->asks(
                Field::integers('fruits', 'Fruits', '', 1, 10_000)->called('the numbers of the fruits')->naming()->hint('By their numbers: 2 5 9'),
                Field::reference('lot', 'Into', Subject::Lot)->called('the lot it went into'),
            )
            ->says('of fruit {fruits}', 'into {lot}');
    }
}
