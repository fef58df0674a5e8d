<?php

declare(strict_types=1);

namespace Marrow\Core\Journal;

use Marrow\Core\Fields\Field;

/** An entry was struck: it stays in the journal, and nothing is reckoned from it any more. */
final readonly class Struck implements Payload
{
    /** @param  string  $entry  its id */
    public function __construct(public string $entry, public string $reason) {}

    public static function kind(): Kind
    {
        return Kind::of('struck', Subject::cases(), 'Struck')
            ->asks(Field::id('entry', 'The entry to strike'), Field::text('reason', 'The reason')->optional(''))
            ->says('{reason}');
    }
}
