<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Packets;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** A container was closed, and the tag inside it is of the same seed as the one outside: both were read. */
final readonly class Closed implements Payload
{
    /** @param  ?string  $container  id of the packet; null of the lot's only container */
    public function __construct(public ?string $container = null) {}

    public static function kind(): Kind
    {
        return Kind::of('closed', Subject::Lot, 'Closed, both tags read')->act('Close it: read both tags')
            ->asks(Field::reference('container', 'Which', Subject::Container)->optional()->unasked());
    }
}
