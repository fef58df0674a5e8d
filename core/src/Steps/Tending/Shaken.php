<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Tending;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Flowers were shaken or brushed so that they set of their own pollen, as under a cover where no insects come. */
final readonly class Shaken implements Payload
{
    public function __construct(public string $how) {}

    public static function kind(): Kind
    {
        return Kind::of('shaken', Subject::Planting, 'Shaken or brushed')->act('Say that flowers were shaken')->also('shaken', 'brushed', 'shook')
            ->asks(Field::text('how', 'How')->optional('')->hint('A tuning fork, a tap on the stake, a brush'))
            ->says('{how}');
    }
}
