<?php

declare(strict_types=1);

namespace App\Steps\Cellar;

use App\Work\Saying;
use App\Work\SeenTask;
use App\Work\Speech;
use App\Work\TaskVoice;
use Marrow\Core\Steps\Cellar\CellarStrand;
use Marrow\Core\Steps\Cellar\CellarTask;

final class CellarVoice implements TaskVoice
{
    public function says(): array
    {
        return [
            CellarTask::LookOver->value => new Speech('look over store', static fn (SeenTask $t): Saying => new Saying(
                'Look over what is kept, and throw out what rots',
                match (true) {
                    $t->whole('spreading') === 1 => sprintf('%d rotted by the last look: what lay beside them may follow, so the next comes after %d days.', $t->whole('rotten'), CellarStrand::SOONER),
                    $t->whole('sprouted') > 0 => sprintf('Some had sprouted by the last look. Once in %d days is enough; colder, they wait longer.', CellarStrand::EVERY),
                    default => sprintf('One that rots takes its neighbours with it; once in %d days is enough. What is still sound when it is planted is what the line is chosen by.', CellarStrand::EVERY),
                },
            )),
        ];
    }
}
