<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Testing;

use Marrow\Core\Fields\Field;
use Marrow\Core\Germination\CountsAsUp;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Seeds were set to germinate. */
final readonly class TestStarted implements Payload
{
    /**
     * @param  string  $test  id of the test, made by whoever recorded it
     * @param  int  $seeds  in each replicate
     * @param  float  $temperatureC  °C
     * @param  string  $group  what of the lot it is of, where others are laid beside it: floaters, big, of the fridge; may be empty
     * @param  bool  $sorted  empty seed was sorted out before it was laid
     * @param  ?CountsAsUp  $up  what is counted as up; null where nobody said
     */
    public function __construct(
        public string $test,
        public int $replicates,
        public int $seeds,
        public float $temperatureC,
        public TestMethod $method,
        public string $group = '',
        public bool $sorted = false,
        public ?CountsAsUp $up = null,
    ) {}

    public static function kind(): Kind
    {
        return Kind::of('test_started', Subject::Lot, 'Set to germinate')->act('Start a test')->also('test started', 'germination test', 'test')
            ->asks(
                Field::id('test', 'The name of the test'),
                Field::integer('replicates', 'Replicates', '', 1, 20)->called('the number of replicates')->usually(2)->hint('Dishes or rolls, kept apart'),
                Field::integer('seeds', 'Seeds in each', '', 1, 10_000)->called('the number of seeds in each replicate')->usually(25)->of('seed'),
                Field::number('temperature_c', 'Temperature', '°C', 0, 45)->called('the temperature'),
                Field::choice('method', 'Laid out in a', TestMethod::class)->called('how the test is laid out')->usually(TestMethod::DampTowel->value),
                Field::text('group', 'Of which of it', 40)->called('which of it is tested')->also('group')->optional('')->hint('Where others are laid beside it, to be compared: floaters and sinkers, big and small, of the fridge and of the hall')->seldom(),
                Field::flag('sorted', 'Empty seed sorted out first')->hint('Packets are then reckoned as if they were, too')->seldom(),
                Field::choice('up', 'Up is counted when', CountsAsUp::class)->called('what is counted as up')->optional()->hint('A root alone is seen days sooner, and in more seed than makes a sound plant')->seldom(),
            )
            ->says('{replicates} × {seeds}', '{group}', '{method}', '{temperature_c}', '{sorted}', 'up when {up}');
    }
}
