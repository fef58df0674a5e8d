<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Tending;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Plants raised under cover went out to where they stay. */
final readonly class PlantedOut implements Payload
{
    /**
     * @param  int  $plants  set out
     */
    public function __construct(public int $plants, public string $where) {}

    public static function kind(): Kind
    {
        return Kind::of('planted_out', Subject::Planting, 'Planted out')->act('Plant them out')->also('planted', 'set out', 'transplanted')
            ->asks(
                Field::integer('plants', 'Plants set out', '', 1, 1_000_000)->called('the number of plants set out')->of('plant'),
                Field::text('where', 'Where')->called('where they stand')->optional(''),
            )
            ->says('{plants}', '{where}');
    }
}
