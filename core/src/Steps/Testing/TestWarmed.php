<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Testing;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Seed that was chilled damp came into the warmth: from then on its test is counted. */
final readonly class TestWarmed implements Payload
{
    /** @param  string  $test  id of the test */
    public function __construct(public string $test) {}

    public static function kind(): Kind
    {
        return Kind::of('test_warmed', Subject::Lot, 'Taken out of the cold')->act('Into the warmth')->also('taken out of the cold', 'out of the fridge', 'into the warmth')->once('test')
            ->asks(Field::id('test', 'Which test it is'));
    }
}
