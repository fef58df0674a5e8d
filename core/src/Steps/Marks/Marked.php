<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Marks;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** One plant, head or fruit was given a mark, so that it is known again. */
final readonly class Marked implements Payload
{
    /**
     * @param  string  $mark  number on a tag, colour of a tie
     * @param  string  $why  may be empty
     */
    public function __construct(public string $mark, public MarkedPart $what, public string $why) {}

    public static function kind(): Kind
    {
        return Kind::of('marked', Subject::Planting, 'Marked')->act('Mark one plant, head or fruit')
            ->asks(
                Field::text('mark', 'Mark', 40)->called('the mark')->hint('7, red wool'),
                Field::choice('what', 'On a', MarkedPart::class)->called('what was marked')->usually(MarkedPart::Plant->value),
                Field::text('why', 'Why')->optional('')->hint('The earliest, the best of them, to be watched'),
            )
            ->says('{what} {mark}', '{why}');
    }
}
