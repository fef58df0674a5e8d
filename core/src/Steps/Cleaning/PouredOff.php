<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Water was added to the ferment, and pulp, mould and floaters were poured off. */
final readonly class PouredOff implements Payload
{
    /**
     * @param  int  $passes  times filled and poured
     * @param  bool  $sprouted  whether sprouted seed was seen
     * @param  ?Floaters  $floated  what was done with seed that floated; null where nobody said
     */
    public function __construct(public int $passes, public bool $sprouted, public ?Floaters $floated = null) {}

    public static function kind(): Kind
    {
        return Kind::of('poured_off', Subject::Lot, 'Poured off')->also('decanted')
            ->asks(
                Field::integer('passes', 'Times filled and poured', '', 1, 20)->called('how often you poured off')->of('time')->also('passes'),
                Field::choice('floated', 'What floated', Floaters::class)->called('what became of floating seed')->optional(),
                Field::flag('sprouted', 'Sprouted seed seen'),
            )
            ->says('{passes}', '{floated}', '{sprouted}');
    }
}
