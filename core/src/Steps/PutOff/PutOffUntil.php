<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\PutOff;

use Marrow\Core\Fields\Choice;

/** What became of something that was due and is not done by recording it. */
enum PutOffUntil: string implements Choice
{
    case Later = 'later';
    case Done = 'done';
    case NextYear = 'next_year';

    public function label(): string
    {
        return match ($this) {
            self::Later => 'later',
            self::Done => 'done already',
            self::NextYear => 'not this year',
        };
    }
}
