<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Tending;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** What lies over winter was looked through, and what had rotted or dried up was thrown out. */
final readonly class WinterLost implements Payload
{
    /**
     * @param  int  $lost  thrown out
     */
    public function __construct(public int $lost, public string $how) {}

    public static function kind(): Kind
    {
        return Kind::of('winter_lost', Subject::Planting, 'Looked through in store')->act('Look through what lies in store')
            ->asks(
                Field::integer('lost', 'Thrown out', '', 0, 1_000_000)->called('the number thrown out')->of('plant'),
                Field::text('how', 'Why', 300)->called('why')->optional('')->hint('Rot at the neck, shrivelled, sprouted'),
            )
            ->says('{lost} lost', '{how}');
    }
}
