<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Testing;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** A test was ended: what has not come up counts as dead. */
final readonly class TestEnded implements Payload
{
    /** @param  string  $test  id of the test */
    public function __construct(public string $test) {}

    public static function kind(): Kind
    {
        return Kind::of('test_ended', Subject::Lot, 'Test ended')->act('End the test')->also('test over', 'test done', 'end test')->once('test')
            ->asks(Field::id('test', 'Which test was ended'))
            ->says();
    }
}
