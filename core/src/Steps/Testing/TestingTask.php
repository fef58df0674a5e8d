<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Testing;

use Marrow\Core\Work\TaskKind;

/** What a running test may want done. */
enum TestingTask: string implements TaskKind
{
    case CountTest = 'count_test';
    case EndTest = 'end_test';
    case WarmTest = 'warm_test';
    case WetTest = 'wet_test';
}
