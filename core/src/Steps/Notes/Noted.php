<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Notes;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** A remark. */
final readonly class Noted implements Payload
{
    public function __construct(public string $text) {}

    public static function kind(): Kind
    {
        return Kind::of('noted', [Subject::Planting, Subject::Lot], 'Note')->asks(Field::prose('text', 'Note', 2000)->called('the note'))->words();
    }
}
