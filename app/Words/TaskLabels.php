<?php

declare(strict_types=1);

namespace App\Words;

use Marrow\Core\Work\TaskKind;

/** Tasks in two or three words, for the belt. */
final class TaskLabels
{
    public static function of(TaskKind $kind): string
    {
        return match ($kind) {
            TaskKind::Pick => 'look for ripe seed',
            TaskKind::StartFerment => 'put to ferment',
            TaskKind::Wash => 'take seed out',
            TaskKind::Thresh => 'thresh',
            TaskKind::PourOff => 'pour off',
            TaskKind::Rinse => 'rinse',
            TaskKind::Winnow => 'winnow',
            TaskKind::SpreadWet, TaskKind::SpreadDry => 'spread to dry',
            TaskKind::SowFresh => 'sow at once',
            TaskKind::Weigh => 'weigh',
            TaskKind::ReadJar, TaskKind::ReadStoredJar => 'read a jar',
            TaskKind::PutAway => 'put away',
            TaskKind::CountTest => 'count seedlings',
            TaskKind::EndTest => 'end test',
            TaskKind::OpenDampJar => 'open damp jar',
            TaskKind::TestFirst, TaskKind::TestAgain => 'test',
            TaskKind::GrowOut => 'grow out',
        };
    }
}
