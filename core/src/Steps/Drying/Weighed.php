<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Drying;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Seed on the racks was weighed. */
final readonly class Weighed implements Payload
{
    /** @param  float  $massG  g */
    public function __construct(public float $massG) {}

    public static function kind(): Kind
    {
        return Kind::of('weighed', Subject::Lot, 'Weighed')->act('Weigh')->also('weight', 'now weighs', 'on the scale')
            ->asks(Field::mass('mass_g', 'It weighs')->called('the mass'));
    }
}
