<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Origin;

use Marrow\Core\Fields\Choice;

/** What of a plant was cut. */
enum CutPart: string implements Choice
{
    case Plants = 'plants';
    case Stalks = 'stalks';
    case Heads = 'heads';
    case Pods = 'pods';

    public function label(): string
    {
        return match ($this) {
            self::Plants => 'whole plants',
            self::Stalks => 'seed stalks',
            self::Heads => 'heads',
            self::Pods => 'pods',
        };
    }
}
