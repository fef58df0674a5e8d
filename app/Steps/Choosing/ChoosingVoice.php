<?php

declare(strict_types=1);

namespace App\Steps\Choosing;

use App\Voice\Quantity;
use App\Work\Saying;
use App\Work\SeenTask;
use App\Work\Speech;
use App\Work\TaskVoice;
use Marrow\Core\Steps\Choosing\ChoosingTask;

final class ChoosingVoice implements TaskVoice
{
    public function says(): array
    {
        return [
            ChoosingTask::PullStruckOut->value => new Speech('pull struck out', static fn (SeenTask $t): Saying => new Saying(
                sprintf('Pull what is struck out before it blooms: %s', Quantity::number($t->whole('plants'), 'plant')),
                sprintf('%s %s: in bloom its pollen is in the seed of all the others.', $t->whole('plants') === 1 ? 'Plant' : 'Plants', $t->text('which')),
            )),
        ];
    }
}
