<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Testing;

use Marrow\Core\Fields\Each;
use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** A test was ended: what has not come up counts as dead, but for what is said to be hard or fresh. */
final readonly class TestEnded implements Payload
{
    /**
     * What is left is judged: a seed pressed gives, or is hard, or is empty. Each list one a replicate; empty where nobody said.
     *
     * @param  string  $test  id of the test
     * @param  list<int>  $hard  took no water, and may be alive
     * @param  list<int>  $fresh  took water, firm and sound, and may be asleep
     * @param  list<int>  $empty  hold nothing
     */
    public function __construct(public string $test, public array $hard = [], public array $fresh = [], public array $empty = []) {}

    public static function kind(): Kind
    {
        return Kind::of('test_ended', Subject::Lot, 'Test ended')->act('End the test')->also('test over', 'test done', 'end test')->once('test')
            ->asks(
                Field::id('test', 'Which test was ended'),
                Field::integer('hard', 'Of what is left, hard', '', 0, 10_000)->called('the hard seeds')->also('hard')->each(Each::asMany())->optional([])->usually(0)->hint('As dry as when it was laid: it took no water, and may be alive')->seldom(),
                Field::integer('fresh', 'Firm and swollen', '', 0, 10_000)->called('the fresh seeds')->also('fresh')->each(Each::asMany())->optional([])->usually(0)->hint('Sound when cut, and asleep perhaps')->seldom(),
                Field::integer('empty', 'Empty', '', 0, 10_000)->called('the empty seeds')->also('empty')->each(Each::asMany())->optional([])->usually(0)->seldom(),
            )
            ->says('{hard} hard', '{fresh} fresh', '{empty} empty');
    }
}
