<?php

declare(strict_types=1);

namespace App\Steps\Sharing;

use App\Voice\Quantity;
use App\Voice\Speaking;
use App\Work\Saying;
use App\Work\SeenTask;
use App\Work\Speech;
use App\Work\TaskVoice;
use DateTimeImmutable;
use Marrow\Core\Steps\Sharing\SharingTask;

final class SharingVoice implements TaskVoice
{
    public function says(): array
    {
        return [
            SharingTask::CallBack->value => new Speech('to be called back', static fn (SeenTask $task): Saying => new Saying(
                sprintf($task->number('sure') > 0.0 ? 'Tell %s that it is crossed' : 'Tell %s that it may be crossed', $task->text('to')),
                sprintf($task->number('sure') > 0.0 ? '%s had %s of it on %s: what is grown from it is not what it was given for.' : '%s had %s of it on %s: another lot of the same bloom turned out crossed.', $task->text('to'), self::amount($task), Speaking::forms()->day(new DateTimeImmutable($task->text('given')))),
            )),
        ];
    }

    private static function amount(SeenTask $task): string
    {
        return match (true) {
            $task->has('seeds') => Quantity::seeds($task->number('seeds')),
            $task->has('grams') => Quantity::weighed($task->number('grams')),
            default => 'some',
        };
    }
}
