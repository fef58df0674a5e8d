<?php

declare(strict_types=1);

namespace App\Work;

/** What a step of the work says of the tasks it wants done; found by the tag 'task-voices'. */
interface TaskVoice
{
    /** @return array<string, Speech> by kind of task */
    public function says(): array;
}
