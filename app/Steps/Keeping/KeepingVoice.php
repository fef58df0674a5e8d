<?php

declare(strict_types=1);

namespace App\Steps\Keeping;

use App\Voice\Quantity;
use App\Voice\When;
use App\Words\ForecastWords;
use App\Work\Saying;
use App\Work\SeenTask;
use App\Work\Speech;
use App\Work\TaskVoice;
use Marrow\Core\Lot\KeepingTask;

final class KeepingVoice implements TaskVoice
{
    public function says(): array
    {
        return [
            KeepingTask::TestFirst->value => new Speech('test', needs: ['germination cloth' => 1], say: static fn (SeenTask $t): Saying => new Saying(
                match (true) {
                    ! self::is($t, 'slept') => 'Test how it germinates',
                    self::is($t, 'wants_cold') => 'Test it again, chilled first',
                    default => 'Test it again when it is awake',
                },
                match (true) {
                    self::is($t, 'slept') && self::is($t, 'wants_cold') => 'It was tested without its weeks damp and cold, as far as anybody said: what did not come up may be alive.',
                    self::is($t, 'slept') => 'It was tested while fresh seed of it sleeps: what did not come up may be alive.',
                    $t->has('sleeps_until') => sprintf('Never tested yet. Fresh seed of it commonly sleeps until about %s: before that a test says little.', When::month($t->day('sleeps_until'))),
                    self::is($t, 'parts') => 'Only parts of it were tested, side by side: how much of all of it is alive nobody knows yet.',
                    default => 'It has never been tested: nobody knows yet how much of it is alive.',
                },
            )),
            KeepingTask::TestAgain->value => new Speech('test', needs: ['germination cloth' => 1], say: static fn (SeenTask $t): Saying => new Saying(
                'Test it again',
                sprintf('Last tested %s; it may have fallen to %s by %s.', When::month($t->day('tested')), Quantity::percent($t->number('threshold')), When::month($t->day('may_fall'))),
            )),
            KeepingTask::PlantAgain->value => new Speech('plant', static fn (SeenTask $t): Saying => new Saying(
                'Plant it',
                $t->has('keeps_max') ? sprintf('It is kept alive, and keeps %s to %s months. Plant the soundest: so the line is chosen by how it keeps.', $t->number('keeps_min'), $t->number('keeps_max')) : 'It is kept alive until it is planted.',
            )),
            KeepingTask::GrowOut->value => new Speech('grow out', static fn (SeenTask $t): Saying => $t->whole('tested_poor') === 1
                ? new Saying('Grow it out now, sowing thickly', sprintf('Its test came out below %s, the least that is worth passing on.', Quantity::percent($t->number('threshold'))))
                : new Saying(
                    'Grow it out: sow it by '.$t->when->date($t->day('sow_until')),
                    sprintf('It is to be counted on for %s, the least that is worth passing on, until %s; more likely it lasts %s. What is picked from it renews the line.', Quantity::percent($t->number('threshold')), When::month($t->day('good_until')), ForecastWords::span($t->day('likely_until'), $t->when)),
                )),
        ];
    }

    /** What is told by 1, where it is told at all: tasks of before do not hold it. */
    private static function is(SeenTask $task, string $figure): bool
    {
        return $task->has($figure) && $task->whole($figure) === 1;
    }
}
