<?php

declare(strict_types=1);

namespace App\Steps\Testing;

use App\Voice\Quantity;
use App\Work\Saying;
use App\Work\SeenTask;
use App\Work\Speech;
use App\Work\TaskVoice;
use Marrow\Core\Steps\Testing\TestingTask;

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
                    : sprintf('%s still undecided; the last count is on day %d.', Quantity::number($t->whole('undecided'), 'seed'), $t->whole('last_count')),
            )),
            TestingTask::EndTest->value => new Speech('end test', static fn (SeenTask $t): Saying => new Saying(
                'End the test',
                $t->whole('undecided') === 0
                    ? 'Every seed has been decided.'
                    : sprintf('Day %d was the last count for %s; what has not come up counts as dead.', $t->whole('last_count'), $t->cropName()),
            )),
        ];
    }
}
