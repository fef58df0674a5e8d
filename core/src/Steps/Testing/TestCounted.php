<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Testing;

use Marrow\Core\Fields\Each;
use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Seedlings of a test were counted and taken out. */
final readonly class TestCounted implements Payload
{
    /**
     * @param  string  $test  id of the test
     * @param  list<int>  $normal  new since the last count, one a replicate
     * @param  list<int>  $abnormal  likewise
     * @param  list<int>  $mouldy  seeds that rotted and were taken out; empty where nobody said
     * @param  list<int>  $eaten  by mice, snails or insects: they leave the seeds that were laid; empty where nobody said
     */
    public function __construct(public string $test, public array $normal, public array $abnormal, public array $mouldy = [], public array $eaten = []) {}

    public static function kind(): Kind
    {
        return Kind::of('test_counted', Subject::Lot, 'Seedlings counted')->act('Count seedlings')->also('sprouted', 'germinated', 'up', 'came up', 'counted', 'seedlings')
            ->asks(
                Field::id('test', 'Which test was counted'),
                Field::integer('normal', 'New seedlings', '', 0, 10_000)->called('the normal seedlings')->each(Each::asMany()),
                Field::integer('abnormal', 'Abnormal or dead', '', 0, 10_000)->called('the abnormal seedlings')->also('dead')->each(Each::asMany())->usually(0),
                Field::integer('mouldy', 'Rotten, taken out', '', 0, 10_000)->called('the rotten seeds')->also('mouldy', 'rotten')->each(Each::asMany())->optional([])->usually(0)->seldom(),
                Field::integer('eaten', 'Eaten or lost', '', 0, 10_000)->called('the seeds eaten')->also('eaten')->each(Each::asMany())->optional([])->usually(0)->seldom()->hint('By mice or snails: they leave the seeds laid'),
            )
            ->says('{normal} new', '{abnormal} abnormal', '{mouldy} rotten', '{eaten} eaten');
    }
}
