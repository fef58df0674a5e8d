<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Tasting;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** It was looked up which plate was which. */
final readonly class TastingUnblinded implements Payload
{
    /** @param  string  $tasting  its id */
    public function __construct(public string $tasting) {}

    public static function kind(): Kind
    {
        return Kind::of('tasting_unblinded', Subject::Planting, 'Tasting unblinded')->act('See which plate was which')
            ->asks(Field::id('tasting', 'Which tasting it is'))
            ->once('tasting');
    }
}
