<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Chaff was taken off by wind and screens. */
final readonly class Winnowed implements Payload
{
    /** @param  float|null  $massG  g */
    public function __construct(public ?float $massG) {}

    public static function kind(): Kind
    {
        return Kind::of('winnowed', Subject::Lot, 'Winnowed')->also('sieved', 'screened', 'blown')
            ->asks(Field::mass('mass_g', 'Clean seed weighs')->called('the mass of clean seed')->optional());
    }
}
