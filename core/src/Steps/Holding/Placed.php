<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Holding;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Checked;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** A container was put in a place, or into another container, with all that lies in it. */
final readonly class Placed implements Checked, Payload
{
    /**
     * @param  ?string  $placeId  id of the place
     * @param  ?string  $inside  id of the container
     */
    public function __construct(public ?string $placeId, public ?string $inside) {}

    public static function kind(): Kind
    {
        return Kind::of('placed', Subject::Container, 'Put away')->act('Put it somewhere else')
            ->asks(
                Field::reference('place_id', 'Where', Subject::Place)->optional()->hint('A place, or another container'),
                Field::reference('inside', 'Inside', Subject::Container)->optional()->unasked(),
            );
    }

    public function check(): void
    {
        if (($this->placeId === null) === ($this->inside === null)) {
            throw Refused::at('place_id', 'Say where it was put: in a place, or into another container.');
        }
    }
}
