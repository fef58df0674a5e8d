<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Origin;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** A part of a lot became a lot of its own, as light seed that is to be tried by itself. */
final readonly class SetApart implements Payload
{
    /**
     * @param  string  $lot  id of the lot that it is a part of
     * @param  ?float  $massG  g of the part; null where it was not weighed
     */
    public function __construct(public string $lot, public Part $part, public ?float $massG) {}

    public static function kind(): Kind
    {
        return Kind::of('set_apart', Subject::Lot, 'Set apart')->act('Set a part aside as a lot')->also('set aside', 'kept apart')->starts(Subject::Lot)->once()
            ->asks(
                Field::reference('lot', 'Of the lot', Subject::Lot)->called('the lot that it is of')->unasked(),
                Field::choice('part', 'What it is', Part::class)->called('what is set apart'),
                Field::mass('mass_g', 'It weighs')->called('the mass set apart')->optional(),
            )
            ->says('{part}', 'of {lot}', '{mass_g}');
    }
}
