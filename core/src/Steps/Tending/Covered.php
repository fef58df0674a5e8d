<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Tending;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Something was put over it that keeps insects, birds or pollen away. */
final readonly class Covered implements Payload
{
    /**
     * @param  string  $what  how, in words; may be empty
     */
    public function __construct(public CoverKind $with, public string $what) {}

    public static function kind(): Kind
    {
        return Kind::of('covered', Subject::Planting, 'Covered')->act('Cover it')->also('covered', 'caged', 'bagged', 'netted')
            ->asks(
                Field::choice('with', 'With', CoverKind::class)->called('what it was covered with')->usually(CoverKind::Cage->value),
                Field::text('what', 'How')->optional('')->hint('Which part of it, over what, how it is closed'),
            )
            ->says('{with}', '{what}');
    }
}
