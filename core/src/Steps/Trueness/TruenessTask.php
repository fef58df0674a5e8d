<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Trueness;

use Marrow\Core\Work\TaskKind;

/** What bears on how true its seed is, and waits for somebody's eyes. */
enum TruenessTask: string implements TaskKind
{
    case JudgeOffTypes = 'judge_off_types';
}
