<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Tending;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** The cover was taken off, for a while or for good: what flies can get in. */
final readonly class Uncovered implements Payload
{
    /**
     * @param  string  $why  may be empty
     */
    public function __construct(public string $why) {}

    public static function kind(): Kind
    {
        return Kind::of('uncovered', Subject::Planting, 'Uncovered')->act('Take the cover off')->also('cover off', 'uncovered')
            ->asks(
                Field::text('why', 'Why')->optional('')->hint('In fruit by now; opened for the bees; blown off'),
            )
            ->says('{why}');
    }
}
