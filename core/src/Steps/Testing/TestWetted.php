<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Testing;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** A test was looked at, and wetted where it had dried. */
final readonly class TestWetted implements Payload
{
    /** @param  string  $test  id of the test */
    public function __construct(public string $test) {}

    public static function kind(): Kind
    {
        return Kind::of('test_wetted', Subject::Lot, 'Test wetted')->act('Wet it')->also('wetted', 'watered', 'test wetted')
            ->asks(Field::id('test', 'Which test it is'));
    }
}
