<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Water was put on a ferment, or on what had been poured off once: what is good sinks, and the rest is poured off. */
final readonly class Filled implements Payload
{
    public static function kind(): Kind
    {
        return Kind::of('filled', Subject::Lot, 'Filled with water')->act('Fill it with water')->also('filled up', 'water on', 'topped up');
    }
}
