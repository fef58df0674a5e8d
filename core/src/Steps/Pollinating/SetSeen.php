<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Pollinating;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Checked;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Some days after, one sees whether it swells or has dropped. */
final readonly class SetSeen implements Checked, Payload
{
    /** @param  string  $tie  of which; may be empty */
    public function __construct(public int $took, public int $dropped, public string $tie) {}

    public static function kind(): Kind
    {
        return Kind::of('set_seen', Subject::Planting, 'Looked whether it took')->act('Say what took and what dropped')
            ->asks(
                Field::integer('took', 'Took', '', 0, 10_000)->called('the number that took')->optional(0),
                Field::integer('dropped', 'Dropped', '', 0, 10_000)->called('the number that dropped')->optional(0),
                Field::text('tie', 'Tied with', 60)->optional('')->hint('Empty for all of them'),
            )
            ->says('{took} took', '{dropped} dropped', '{tie}');
    }

    public function check(): void
    {
        if ($this->took + $this->dropped === 0) {
            throw Refused::at('took', 'Say how many took, or how many dropped.');
        }
    }
}
