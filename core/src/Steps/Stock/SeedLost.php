<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Stock;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** All there was of it is lost, however much it was: in a ferment or on a tray nobody has weighed it yet. */
final readonly class SeedLost implements Payload
{
    /**
     * @param  ?LossCause  $how  null where nobody knows
     * @param  string  $words  may be empty
     */
    public function __construct(public ?LossCause $how, public string $words) {}

    public static function kind(): Kind
    {
        return Kind::of('seed_lost', Subject::Lot, 'All of it lost')->act('Say that it is lost')->also('lost', 'gone mouldy', 'eaten by mice')
            ->asks(
                Field::choice('how', 'How', LossCause::class)->called('how it was lost')->optional(),
                Field::text('words', 'In words', 200)->called('what happened')->optional('')->seldom(),
            )
            ->says('{how}', '{words}');
    }
}
