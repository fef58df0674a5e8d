<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Growing;

use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** The last flower of a planting went over. */
final readonly class LastBloom implements Payload
{
    public static function kind(): Kind
    {
        return Kind::of('last_bloom', Subject::Planting, 'Last bloom')->also('bloom over', 'flowers over', 'flowering over', 'done flowering', 'finished flowering', 'last flower')->once();
    }
}
