<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Tending;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Some were taken out so that the rest have room. */
final readonly class Thinned implements Payload
{
    /**
     * @param  int  $left  left standing
     */
    public function __construct(public int $left) {}

    public static function kind(): Kind
    {
        return Kind::of('thinned', Subject::Planting, 'Thinned')->act('Thin them')->also('thinned to')
            ->asks(
                Field::integer('left', 'Left standing', '', 0, 1_000_000)->called('the number left standing')->of('plant'),
            )
            ->says('{left} left');
    }
}
