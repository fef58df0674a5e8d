<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** What finishes under cover was turned, and seed that had fallen by itself was caught. */
final readonly class Turned implements Payload
{
    /** @param  ?float  $caughtG  g of seed that fell by itself; it is of the same lot */
    public function __construct(public ?float $caughtG) {}

    public static function kind(): Kind
    {
        return Kind::of('turned', Subject::Lot, 'Turned over')->act('Turn it over')->also('turned')
            ->asks(Field::mass('caught_g', 'Seed that fell by itself')->called('what fell by itself')->optional());
    }
}
