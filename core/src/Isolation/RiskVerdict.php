<?php

declare(strict_types=1);

namespace Marrow\Core\Isolation;

/** What a crossing risk asks of the keeper. */
enum RiskVerdict: string
{
    case Clear = 'clear';

    /** Within what is allowed, but nearer than the standard asks for, or using up half of what is allowed. */
    case Watch = 'watch';
    case Act = 'act';
}
