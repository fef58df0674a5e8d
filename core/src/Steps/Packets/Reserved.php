<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Packets;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** So much of a lot is neither sown nor given away without being asked. */
final readonly class Reserved implements Payload
{
    /** @param  int  $seeds  0 lifts it */
    public function __construct(public int $seeds) {}

    public static function kind(): Kind
    {
        return Kind::of('reserved', Subject::Lot, 'Reserve set')->act('Keep a reserve')->also('reserve', 'keep back')
            ->asks(Field::integer('seeds', 'Seeds in reserve', '', 0, 100_000_000)->called('the reserve')->of('seed')->hint('Neither sown nor given away unless you say so; 0 lifts it'))
            ->says('{seeds}');
    }
}
