<?php

declare(strict_types=1);

namespace App\Steps\Growing;

use App\Voice\Quantity;
use App\Work\Saying;
use App\Work\SeenTask;
use App\Work\Speech;
use App\Work\TaskVoice;
use DateTimeImmutable;
use DateTimeZone;
use Marrow\Core\Steps\Growing\GrowingTask;

final class GrowingVoice implements TaskVoice
{
    public function says(): array
    {
        return [
            GrowingTask::Lift->value => new Speech('lift', needs: ['crate' => 1, 'tag' => 1], say: static fn (SeenTask $task): Saying => new Saying(
                $task->whole('lies') === 1 ? 'Lift it' : 'Take cuttings of it',
                sprintf('%s. That is usually from %s to %s.', rtrim($task->text('cue'), '.'), $task->when->date($task->opens), $task->when->date($task->latest ?? $task->best)),
            )),
            GrowingTask::Pick->value => new Speech('look for ripe seed', needs: ['paper bag' => 1, 'tag' => 1], say: static fn (SeenTask $task): Saying => new Saying('Look for ripe seed', self::why($task))),
        ];
    }

    private static function why(SeenTask $task): string
    {
        $ripe = sprintf(
            '%s. Ripe seed is usual %d to %d days after %s, which is %s to %s.',
            rtrim($task->text('cue'), '.'),
            $task->whole('days_min'),
            $task->whole('days_max'),
            match ($task->text('from')) {
                'bloom' => 'the first flower',
                'calendar' => 'the bloom, looked for about '.$task->when->date(new DateTimeImmutable($task->text('bloom'), new DateTimeZone('UTC'))),
                default => 'sowing',
            },
            $task->when->date($task->opens),
            $task->when->date($task->latest ?? $task->best),
        );

        if ($task->has('moved')) {
            $days = $task->whole('moved');
            $ripe .= sprintf(' By the warmth of this year so far that is %s %s than usual.', Quantity::number(abs($days), 'day'), $days < 0 ? 'sooner' : 'later');
        }

        return $task->has('off') ? sprintf('%s %d of %s looked over were off-type: take seed from the others only.', $ripe, $task->whole('off'), Quantity::number($task->whole('seen'), 'plant')) : $ripe;
    }
}
