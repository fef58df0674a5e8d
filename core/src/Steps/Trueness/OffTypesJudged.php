<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Trueness;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** The keeper said what the off-types of a planting were: a single one is a suspicion, and only hands and eyes can settle it. */
final readonly class OffTypesJudged implements Payload
{
    /** @param  string  $how  by what; may be empty */
    public function __construct(public Judgement $judged, public string $how) {}

    public static function kind(): Kind
    {
        return Kind::of('off_types_judged', Subject::Planting, 'Off-types judged')->act('Say what the off-types were')
            ->asks(
                Field::choice('judged', 'They were', Judgement::class)->called('what they were'),
                Field::text('how', 'How it was told')->optional('')->hint('Its seed grown on, a label found, a fruit cut open'),
            )
            ->says('{judged}', '{how}');
    }
}
