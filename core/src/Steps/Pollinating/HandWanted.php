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
    /** @param  ?int  $seedsInOne  about so many seeds in each, as the keeper knows it; null when nobody does */
    public function __construct(public int $fruits, public ?int $seedsInOne = null) {}

    public static function kind(): Kind
    {
        return Kind::of('hand_wanted', Subject::Planting, 'To be pollinated by hand')->act('Pollinate it by hand')
            ->asks(
                Field::integer('fruits', 'Fruits, pods or heads wanted for seed', '', 1, 100_000)->called('the number wanted')->of('fruit, pod or head'),
                Field::integer('seeds_in_one', 'Seeds in each, about', '', 1, 1_000_000)->called('the number of seeds in each')->optional()->hint('If you know it, from another year')->of('seed'),
            )
            ->says('{fruits} wanted', 'about {seeds_in_one} in each');
    }
}
