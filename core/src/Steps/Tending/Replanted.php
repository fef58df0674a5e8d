<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Tending;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** What was lifted went into the ground again, to bloom. */
final readonly class Replanted implements Payload
{
    /**
     * @param  int  $plants  that were planted
     */
    public function __construct(public int $plants, public string $where) {}

    public static function kind(): Kind
    {
        return Kind::of('replanted', Subject::Planting, 'Planted again')->act('Plant them again')->also('replanted')
            ->asks(
                Field::integer('plants', 'Planted again', '', 1, 1_000_000)->called('the number planted again')->of('plant'),
                Field::text('where', 'Where')->called('where they stand')->optional(''),
            )
            ->says('{plants}', '{where}');
    }
}
