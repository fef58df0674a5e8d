<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Storing;

use Marrow\Core\Work\TaskKind;

/** What the store itself may want done. */
enum StoringTask: string implements TaskKind
{
    case OpenDampJar = 'open_damp_jar';
    case TakeOutOfCold = 'take_out_of_cold';
    case LeaveShut = 'leave_shut';
    case ReadStoredJar = 'read_stored_jar';
}
