<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Origin;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Plants, stalks, heads or pods were cut before all of their seed was ripe, to finish under cover; a lot begins with them. */
final readonly class CutDown implements Payload
{
    /**
     * @param  int  $plants  that were cut, or of which heads or pods were
     * @param  string  $where  they lie or hang; may be empty
     */
    public function __construct(public int $plants, public CutPart $part, public Finishing $kept, public string $where) {}

    public static function kind(): Kind
    {
        return Kind::of('cut_down', Subject::Lot, 'Cut to finish under cover')->act('Cut it to finish under cover')->also('cut', 'hung up', 'cut and hung')->starts(Subject::Planting)
            ->asks(
                Field::integer('plants', 'Plants', '', 1, 1_000_000)->called('the number of plants')->of('plant'),
                Field::choice('part', 'What was cut', CutPart::class)->called('what was cut')->usually(CutPart::Plants->value)->optional(CutPart::Plants),
                Field::choice('kept', 'How it finishes', Finishing::class)->called('how it finishes')->usually(Finishing::Hung->value)->optional(Finishing::Hung),
                Field::text('where', 'Where')->called('where it finishes')->optional('')->hint('Barn, loft, porch'),
            )
            ->says('{plants}', '{part}', '{kept}', '{where}');
    }
}
