<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Tending;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Plants ran to flower before the others: the first to bolt are the last to keep seed of, where leaf or root is eaten. */
final readonly class Bolted implements Payload
{
    /** @param  bool  $pulled  they were taken out */
    public function __construct(public int $plants, public bool $pulled) {}

    public static function kind(): Kind
    {
        return Kind::of('bolted', Subject::Planting, 'Bolted')->act('Say that some bolted')->also('bolting')
            ->asks(
                Field::integer('plants', 'Plants that bolted', '', 1, 1_000_000)->called('the number that bolted')->of('plant'),
                Field::flag('pulled', 'Pulled'),
            )
            ->says('{plants}', '{pulled}');
    }
}
