<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Origin;

use Marrow\Core\Fields\Choice;
use Marrow\Core\Steps\Cleaning\CleaningStage;

/** What may be set apart from a lot, to become a lot of its own. */
enum Part: string implements Choice
{
    case Light = 'light';
    case Floated = 'floated';
    case Unopened = 'unopened';
    case Fell = 'fell';
    case Picked = 'picked';

    public function label(): string
    {
        return match ($this) {
            self::Light => 'light seed',
            self::Floated => 'seed that floated',
            self::Unopened => 'what did not open',
            self::Fell => 'seed that fell by itself',
            self::Picked => 'seed that was picked out',
        };
    }

    /** How far cleaning has come of such a part: light seed may be winnowed again, what floated wants rinsing. */
    public function stage(): CleaningStage
    {
        return match ($this) {
            self::Light, self::Fell => CleaningStage::Threshed,
            self::Floated => CleaningStage::PouredOff,
            self::Unopened => CleaningStage::Uncleaned,
            self::Picked => CleaningStage::Clean,
        };
    }

    public function isWet(): bool
    {
        return $this === self::Floated;
    }
}
