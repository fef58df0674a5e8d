<?php

declare(strict_types=1);

namespace App\Steps\Cleaning;

use App\Voice\Quantity;
use App\Work\Saying;
use App\Work\SeenTask;
use App\Work\Speech;
use App\Work\TaskVoice;
use Marrow\Core\Steps\Cleaning\CleaningTask;
use Marrow\Core\Steps\Origin\Finishing;

final class CleaningVoice implements TaskVoice
{
    public function says(): array
    {
        return [
            CleaningTask::StartFerment->value => new Speech('put to ferment', needs: ['fermenting jar' => 1, 'covering cloth' => 1], say: static fn (SeenTask $t): Saying => new Saying($t->isAhead() ? 'Let the fruit rest, then put it to ferment' : 'Put the seed to ferment', self::rest($t))),
            CleaningTask::Wash->value => new Speech('take seed out', needs: ['sieve' => Speech::ONE, 'water bowl' => Speech::ONE], say: static fn (SeenTask $t): Saying => new Saying($t->isAhead() ? 'Let the fruit rest, then take the seed out' : ($t->has('paper') ? 'Take the seed out and lay it on paper' : 'Take the seed out and rinse it'), self::rest($t))),
            CleaningTask::Thresh->value => new Speech('thresh', needs: ['threshing sheet' => Speech::ONE], say: static fn (SeenTask $t): Saying => new Saying(
                $t->isAhead() ? 'Let it dry on, then thresh' : 'Thresh it',
                sprintf('It threshes clean when it is brittle, %d to %d days after picking under cover; later it sheds, and mice find it.', $t->whole('rest_min'), $t->whole('rest_max')),
            )),
            CleaningTask::Turn->value => new Speech('turn over', say: static fn (SeenTask $t): Saying => new Saying('Turn it over', match ($t->text('kept')) {
                Finishing::Windrow->value => 'What lies thick heats and moulds. In a windrow no longer than two days, and in before rain.',
                Finishing::Bag->value => 'Shake the bags: what lies thick in them heats and moulds, and what falls is seed.',
                default => 'What lies thick heats and moulds. What falls meanwhile is of this lot: catch it, and look for mice.',
            })),
            CleaningTask::PourOff->value => new Speech('pour off', needs: ['sieve' => Speech::ONE, 'drying filter' => 1], say: self::pourOff(...)),
            CleaningTask::Stir->value => new Speech('stir the ferment', say: static fn (SeenTask $t): Saying => $t->number('lid') > 0.0 ? new Saying('Let off its lid and stir', 'It makes gas: under a lid that is not let off the jar bursts.') : new Saying('Stir it', 'What floats on top moulds first; stirred under, the gel lets go evenly.')),
            CleaningTask::LiftOut->value => new Speech('take out of water', needs: ['sieve' => Speech::ONE, 'drying filter' => 1], say: self::liftOut(...)),
            CleaningTask::Rinse->value => new Speech('rinse', needs: ['sieve' => Speech::ONE, 'drying filter' => 1], say: static fn (): Saying => new Saying('Rinse it now and spread it', 'Once water has been added the gel no longer holds the seed back: left standing it sprouts.')),
            CleaningTask::Winnow->value => new Speech('winnow', needs: ['sieve' => Speech::ONE], say: static fn (): Saying => new Saying('Winnow it', 'Chaff holds damp and mites, and seed mass means nothing with it in.')),
        ];
    }

    private static function rest(SeenTask $task): string
    {
        return $task->whole('rest_min') > 0
            ? sprintf('Picked %s seed goes on ripening in the fruit for %d to %d days; after that fruit rots and seed may sprout in it.', $task->cropName(), $task->whole('rest_min'), $task->whole('rest_max'))
            : sprintf('Ripe fruit keeps %s; after that it rots and seed may sprout in it.', Quantity::number($task->whole('rest_max'), 'day'));
    }

    private static function liftOut(SeenTask $task): Saying
    {
        $latest = $task->latest;
        if ($latest === null) {
            return new Saying('Take it out of the water and rinse it', 'Nobody knows how long this seed may lie in water: no longer than a night.');
        }

        return new Saying(
            $task->isLate() ? 'Take it out of the water at once' : 'Take it out of the water before '.$task->when->hour($latest).', or it sprouts',
            sprintf('%s it has drunk itself full after about %s. Rub it clean, rinse it, and spread it the same hour.', $task->has('temperature') ? 'At '.Quantity::temperature($task->number('temperature')) : 'In water of 20 °C', Quantity::hours($task->number('most_hours'))),
        );
    }

    private static function pourOff(SeenTask $task): Saying
    {
        $latest = $task->latest;
        if ($task->has('minutes')) {
            return new Saying($task->best > $task->when->now ? sprintf('Let it settle %d minutes, then pour off', $task->whole('minutes')) : 'Pour off what floats, now', 'Water is on it: good seed has sunk within minutes, and left standing it drinks and sprouts. Fill and pour again until the water runs clear.');
        }
        if ($latest === null) {
            return new Saying('Pour off', 'Nobody knows how warm it stood, so look at it often: a skin of mould, and seed that sinks.');
        }

        return new Saying(
            $task->isLate() ? 'Pour off at once' : 'Pour off before '.$task->when->hour($latest),
            sprintf(
                'At %s the gel lets go after about %s, and by %s seed may sprout. Look at it from %s: a skin of mould, and seed that sinks.',
                Quantity::temperature($task->number('temperature')),
                Quantity::hours($task->number('typical_hours')),
                Quantity::hours($task->number('latest_hours')),
                $task->when->hour($task->opens),
            ),
        );
    }
}
