<?php

declare(strict_types=1);

namespace App\Steps\Drying;

use App\Work\Saying;
use App\Work\SeenTask;
use App\Work\Speech;
use App\Work\Tap;
use App\Work\TaskVoice;
use Marrow\Core\Steps\Drying\RackTask;
use Marrow\Core\Steps\Drying\Raked;

final class RackVoice implements TaskVoice
{
    public function says(): array
    {
        return [
            RackTask::TakeIn->value => new Speech('take in from dew', static fn (SeenTask $t): Saying => new Saying(
                'Take it in before the dew',
                'What lies out at night takes up again what it lost by day, and rain undoes a week. Ants carry small seed off, mice large: under a roof, and covered.',
            )),
            RackTask::Turn->value => new Speech('turn and part', static fn (SeenTask $t): Saying => new Saying(
                'Turn and part it',
                sprintf('Wet seed that lies on other wet seed heats, sprouts and moulds. Dry to the touch by %s: no two touching, a tea-spoon to a filter, a fan if you have one.', $t->when->minute($t->day('dry_by'))),
            ), tap: new Tap(Raked::class)),
        ];
    }
}
