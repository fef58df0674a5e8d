<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Drying;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** The desiccant was taken out of the jar again. */
final readonly class DesiccantOut implements Payload
{
    /** @param  ?float  $desiccantG  g as it came out; null where nobody weighed it */
    public function __construct(public ?float $desiccantG = null) {}

    public static function kind(): Kind
    {
        return Kind::of('desiccant_out', Subject::Lot, 'Desiccant taken out')->act('Take the desiccant out')->also('gel out')
            ->asks(Field::mass('desiccant_g', 'It weighs as it comes out')->called('what it weighs as it comes out')->optional()->hint('What it gained, the seed lost'));
    }
}
