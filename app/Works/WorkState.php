<?php

declare(strict_types=1);

namespace App\Works;

enum WorkState: string
{
    case Waiting = 'waiting';
    case Going = 'going';
    case Done = 'done';
    case Failed = 'failed';
    case Stopped = 'stopped';

    public function isOver(): bool
    {
        return in_array($this, [self::Done, self::Failed, self::Stopped], true);
    }
}
