<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Marks;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** What was seen of one that has a mark: it is of that one alone. */
final readonly class MarkSeen implements Payload
{
    public function __construct(public string $mark, public string $seen) {}

    public static function kind(): Kind
    {
        return Kind::of('mark_seen', Subject::Planting, 'Seen of one')->act('Say something of a marked one')
            ->asks(
                Field::text('mark', 'Mark', 40)->called('the mark'),
                Field::text('seen', 'What was seen', 500)->called('what was seen')->hint('First ripe fruit, mildew, sweet when raw'),
            )
            ->says('{mark}', '{seen}');
    }
}
