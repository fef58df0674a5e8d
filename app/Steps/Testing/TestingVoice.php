<?php

declare(strict_types=1);

namespace App\Steps\Testing;

use App\Voice\Quantity;
use App\Work\Saying;
use App\Work\SeenTask;
use App\Work\Speech;
use App\Work\Tap;
use App\Work\TaskVoice;
use Marrow\Core\Steps\Testing\TestingTask;
use Marrow\Core\Steps\Testing\TestWarmed;
use Marrow\Core\Steps\Testing\TestWetted;

final class TestingVoice implements TaskVoice
{
    public function says(): array
    {
        return [
            TestingTask::CountTest->value => new Speech('count seedlings', static fn (SeenTask $t): Saying => new Saying(
                match (true) {
                    $t->when->daysTo($t->best) < 0 => sprintf('Count the seedlings: day %d is past', $t->whole('day')),
                    $t->when->daysTo($t->best) === 0 => sprintf('Count the seedlings: day %d', $t->whole('day')),
                    default => sprintf('Count the seedlings %s, day %d', $t->when->day($t->best), $t->whole('day')),
                },
                $t->whole('day') === $t->whole('first_count')
                    ? sprintf('Day %d is the first count for %s.', $t->whole('first_count'), $t->cropName())
                    : sprintf('%s still undecided; the last count is on day %d.%s', Quantity::number($t->whole('undecided'), 'seed'), $t->whole('last_count'), $t->whole('settled') === 1 ? ' What it will say is as good as settled: nobody need look before.' : ''),
            )),
            TestingTask::WarmTest->value => new Speech('into the warmth', static fn (SeenTask $t): Saying => new Saying(
                $t->when->daysTo($t->best) > 0 ? sprintf('Take the test out of the cold %s', $t->when->day($t->best)) : 'Take the test out of the cold',
                sprintf('It was to lie damp and cold for %s. Its days are counted from then on.', Quantity::number($t->whole('chilled'), 'day')),
            ), tap: new Tap(TestWarmed::class, 'test')),
            TestingTask::WetTest->value => new Speech('wet test', static fn (SeenTask $t): Saying => new Saying(
                $t->when->daysTo($t->best) > 0 ? sprintf('Look whether the test is damp %s', $t->when->day($t->best)) : 'Look whether the test is damp',
                $t->whole('every') === 1 ? 'Laid out so, it wants a look a day: damp, with no water standing.' : sprintf('Laid out so, it wants a look every %s: damp, with no water standing.', Quantity::number($t->whole('every'), 'day')),
            ), tap: new Tap(TestWetted::class, 'test')),
            TestingTask::EndTest->value => new Speech('end test', static fn (SeenTask $t): Saying => new Saying(
                'End the test',
                $t->whole('undecided') === 0
                    ? 'Every seed has been decided.'
                    : sprintf('Day %d was the last count for %s; what has not come up counts as dead.', $t->whole('last_count'), $t->cropName()),
            )),
        ];
    }
}
