<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Storing;

use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** A container that came out of the cold was opened. */
final readonly class Opened implements Payload
{
    public static function kind(): Kind
    {
        return Kind::of('opened', Subject::Lot, 'Opened')->act('It is opened');
    }
}
