<?php

declare(strict_types=1);

namespace App\Steps\Pollinating;

use App\Voice\Quantity;
use App\Work\Saying;
use App\Work\SeenTask;
use App\Work\Speech;
use App\Work\TaskVoice;
use Marrow\Core\Steps\Pollinating\PollinatingTask;

final class PollinatingVoice implements TaskVoice
{
    public function says(): array
    {
        return [
            PollinatingTask::Shut->value => new Speech('flowers to shut', needs: ['tape strip' => 'to_do', 'tie' => 'to_do'], say: static fn (SeenTask $task): Saying => new Saying(
                sprintf('Shut flowers for tomorrow: %s still to do', Quantity::number($task->whole('to_do'), 'flower')),
                self::far($task),
            )),
            PollinatingTask::Pollinate->value => new Speech('pollinate', needs: ['tie' => 'shut'], say: static fn (SeenTask $task): Saying => $task->has('shut')
                ? new Saying(
                    sprintf('Pollinate the %s that %s shut', Quantity::number($task->whole('shut'), 'flower'), $task->whole('shut') === 1 ? 'is' : 'are'),
                    implode(' ', array_filter([rtrim($task->crop()->byHand->opens ?? 'Early, before the bees', '.').'.', ($where = rtrim(ucfirst($task->text('where')), '.')) === '' ? '' : "$where."])),
                )
                : new Saying(sprintf('Pollinate by hand: %s still to do', Quantity::number($task->whole('to_do'), 'flower')), self::far($task))),
            PollinatingTask::LookAtSet->value => new Speech('took or dropped?', static fn (SeenTask $task): Saying => new Saying(
                sprintf('See whether %s took', Quantity::number($task->whole('undecided'), 'flower')),
                'What took swells within days; what did not drops. Take off tape that is still on.',
            )),
        ];
    }

    private static function far(SeenTask $task): string
    {
        $said = sprintf('%d of %d wanted %s so far, at the take that is usual here.', $task->whole('took'), $task->whole('wanted'), $task->whole('took') === 1 ? 'has taken' : 'have taken');
        if (! $task->has('frost') || $task->when->now->modify(sprintf('+%d days', $task->whole('ripens'))) <= $task->day('frost')) {
            return $said;
        }

        return sprintf('%s What flowers now is ripe in %s at the soonest, after the first frost (%s): worth it only under cover.', $said, Quantity::number($task->whole('ripens'), 'day'), $task->when->date($task->day('frost')));
    }
}
