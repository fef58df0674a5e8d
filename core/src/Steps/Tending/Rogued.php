<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Tending;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Checked;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** It was looked over, and what does not belong or does not thrive was pulled. */
final readonly class Rogued implements Checked, Payload
{
    /**
     * @param  int  $lookedOver  plants, 1 or more
     * @param  int  $pulled  of them
     * @param  string  $how  in what they differ; may be empty
     */
    public function __construct(public int $lookedOver, public int $pulled, public ?RogueReason $why, public string $how) {}

    public static function kind(): Kind
    {
        return Kind::of('rogued', Subject::Planting, 'Looked over and pulled')->act('Look it over and pull')->also('rogued', 'pulled', 'pulled out', 'roguing')
            ->asks(
                Field::integer('looked_over', 'Plants looked over', '', 1, 1_000_000)->called('the number of plants looked over')->of('plant'),
                Field::integer('pulled', 'Pulled', '', 0, 1_000_000)->called('the number of plants pulled')->of('plant'),
                Field::choice('why', 'Why', RogueReason::class)->called('why they were pulled')->optional(),
                Field::text('how', 'What was to be seen', 500)->optional('')->hint('Other leaf, flowers of another colour, up two weeks early'),
            )
            ->says('{pulled} of {looked_over}', '{why}', '{how}');
    }

    public function check(): void
    {
        if ($this->pulled > $this->lookedOver) {
            throw Refused::at('pulled', sprintf('Of %d plants that were looked over no more can be pulled.', $this->lookedOver));
        }
    }
}
