<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Trueness;

use Marrow\Core\Fields\Choice;

/** What the keeper takes off-types for. */
enum Judgement: string implements Choice
{
    case Crossed = 'crossed';
    case Stray = 'stray';

    public function label(): string
    {
        return match ($this) {
            self::Crossed => 'the seed was crossed',
            self::Stray => 'strays: sown, self-sown or mixed in by mistake',
        };
    }
}
