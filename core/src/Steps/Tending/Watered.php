<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Tending;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** It was watered while it flowered or filled its seed, where that decides how much there will be. */
final readonly class Watered implements Payload
{
    public function __construct(public string $how) {}

    public static function kind(): Kind
    {
        return Kind::of('watered', Subject::Planting, 'Watered')->act('Say that it was watered')->also('water')
            ->asks(Field::text('how', 'How')->optional('')->hint('At flowering, two cans; or none for three weeks'))
            ->says('{how}');
    }
}
