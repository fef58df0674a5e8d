<?php

declare(strict_types=1);

namespace App\Steps\Trueness;

use App\Voice\Quantity;
use App\Work\Saying;
use App\Work\SeenTask;
use App\Work\Speech;
use App\Work\TaskVoice;
use Marrow\Core\Steps\Trueness\TruenessTask;

final class TruenessVoice implements TaskVoice
{
    public function says(): array
    {
        return [
            TruenessTask::JudgeOffTypes->value => new Speech('judge the off-types', static fn (SeenTask $task): Saying => new Saying(
                $task->whole('off') === 1 ? 'Say what the off-type was' : 'Say what the off-types were',
                sprintf('%d of %s looked over differed. That is a suspicion: a cross of the year before, or a stray seed? Until you say, it counts against the line.', $task->whole('off'), Quantity::number($task->whole('seen'), 'plant')),
            )),
        ];
    }
}
