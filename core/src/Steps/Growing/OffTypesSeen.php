<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Growing;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Checked;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Plants grown out were looked over for off-types: what a crossing in the generation before shows itself by. */
final readonly class OffTypesSeen implements Checked, Payload
{
    /**
     * @param  int  $seen  plants looked over, 1 or more
     * @param  int  $off  of them off-type
     * @param  string  $how  in what they differ, may be empty
     */
    public function __construct(public int $seen, public int $off, public string $how) {}

    public static function kind(): Kind
    {
        return Kind::of('off_types_seen', Subject::Planting, 'Looked over for off-types')->act('Look for off-types')->also('off-types', 'offtypes')
            ->asks(
                Field::integer('seen', 'Plants looked over', '', 1, 1_000_000)->called('the number of plants looked over')->of('plant'),
                Field::integer('off', 'Of them off-type', '', 0, 1_000_000)->called('the number of off-types'),
                Field::text('how', 'In what they differ', 500)->optional('')->hint('warted fruit, other leaf'),
            )
            ->says('{off} of {seen}', '{how}');
    }

    public function check(): void
    {
        if ($this->off > $this->seen) {
            throw Refused::at('off', sprintf('The number of off-types cannot be more than the %d looked over.', $this->seen));
        }
    }
}
