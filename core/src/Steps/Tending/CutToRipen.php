<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Tending;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/**
 * Whole plants were cut, or pulled with their roots, to ripen their seed under cover. Since a lot begins with what is cut
 * (`cut_down`) it is offered no more; what was recorded stays.
 */
final readonly class CutToRipen implements Payload
{
    /** @param  string  $where  may be empty */
    public function __construct(public int $plants, public string $where) {}

    public static function kind(): Kind
    {
        return Kind::of('cut_to_ripen', Subject::Planting, 'Cut to ripen under cover')->act('Cut it and hang it up')
            ->asks(
                Field::integer('plants', 'Plants', '', 1, 1_000_000)->called('the number of plants cut')->of('plant'),
                Field::text('where', 'Where they hang or lie')->optional('')->hint('Barn, heads in paper bags'),
            )
            ->says('{plants}', '{where}');
    }
}
