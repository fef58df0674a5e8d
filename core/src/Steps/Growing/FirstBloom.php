<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Growing;

use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** The first flower of a planting was open: bloom, ripening and crossing are reckoned from it. */
final readonly class FirstBloom implements Payload
{
    public static function kind(): Kind
    {
        return Kind::of('first_bloom', Subject::Planting, 'First bloom')->also('in bloom', 'flowering', 'blooming', 'first flower', 'flowers')->once();
    }
}
