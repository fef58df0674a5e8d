<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Choosing;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** It was said which plants of a row are to be parents. Said anew, it takes the place of what was. */
final readonly class PlantsKept implements Payload
{
    /** @param  list<int>  $plants  their numbers along the row */
    public function __construct(public array $plants) {}

    public static function kind(): Kind
    {
        return Kind::of('plants_kept', Subject::Planting, 'Chosen as parents')->act('Say which are parents')->also('parents', 'kept')
            ->asks(Field::integers('plants', 'Plants', '', 1, 10_000)->called('the numbers of the plants')->naming()->hint('By their numbers: 2 5 9'))
            ->says('{plants}');
    }
}
