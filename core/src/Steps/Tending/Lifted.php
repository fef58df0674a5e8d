<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Tending;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Checked;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Roots, bulbs or heads were taken up for the winter. */
final readonly class Lifted implements Checked, Payload
{
    /**
     * @param  int  $plants  taken up
     * @param  int  $kept  of them sound and true enough to be planted again
     */
    public function __construct(public int $plants, public int $kept, public string $how) {}

    public static function kind(): Kind
    {
        return Kind::of('lifted', Subject::Planting, 'Lifted')->act('Lift them for the winter')->also('lifted', 'dug up', 'taken up')
            ->asks(
                Field::integer('plants', 'Taken up', '', 1, 1_000_000)->called('the number taken up')->of('plant'),
                Field::integer('kept', 'Kept to be planted again', '', 0, 1_000_000)->called('the number kept')->of('plant')->hint('The sound ones that are most like the variety'),
                Field::text('how', 'How they are kept', 300)->called('how they are kept')->optional('')->hint('As its kind is kept: in damp sand, or dry and airy'),
            )
            ->says('{plants}', '{kept} kept', '{how}');
    }

    public function check(): void
    {
        if ($this->kept > $this->plants) {
            throw Refused::at('kept', sprintf('Of %d that were taken up no more can be kept.', $this->plants));
        }
    }
}
