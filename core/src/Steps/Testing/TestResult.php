<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Testing;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Checked;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** What came of a test that was done and counted elsewhere: so many of so many, on the day on which it ended. */
final readonly class TestResult implements Checked, Payload
{
    /**
     * @param  string  $test  id of the test, made by whoever recorded it
     * @param  int  $seeds  that were laid
     * @param  int  $up  that came up
     */
    public function __construct(public string $test, public int $seeds, public int $up, public ?TestMethod $method = null) {}

    public static function kind(): Kind
    {
        return Kind::of('test_result', Subject::Lot, 'Result of an old test')->act('Write down an old test')->also('old test', 'old result')
            ->asks(
                Field::id('test', 'The name of the test'),
                Field::integer('up', 'Came up', '', 0, 100_000)->called('how many came up'),
                Field::integer('seeds', 'Of', '', 1, 100_000)->called('how many were laid')->of('seed'),
                Field::choice('method', 'Laid out in a', TestMethod::class)->called('how the test was laid out')->optional()->seldom(),
            )
            ->says('{up} of {seeds}', '{method}');
    }

    public function check(): void
    {
        if ($this->up > $this->seeds) {
            throw Refused::at('up', sprintf('Of %d seeds not more than %d can come up.', $this->seeds, $this->seeds));
        }
    }
}
