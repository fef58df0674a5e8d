<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Drying;

use Marrow\Core\Fields\Choice;

/** What helps seed to dry besides the air of its room. */
enum DryingAid: string implements Choice
{
    case Fan = 'fan';
    case Dehumidifier = 'dehumidifier';
    case AirConditioner = 'air_conditioner';
    case Dehydrator = 'dehydrator';
    case Oven = 'oven';

    public function label(): string
    {
        return match ($this) {
            self::Fan => 'a fan',
            self::Dehumidifier => 'a dehumidifier',
            self::AirConditioner => 'an air conditioner that cools',
            self::Dehydrator => 'a dehydrator',
            self::Oven => 'an oven',
        };
    }

    /** Whether the air at the seed is drier than that of the room by it, so that the room's says little. */
    public function driesAir(): bool
    {
        return $this === self::Dehumidifier || $this === self::AirConditioner;
    }

    /** Whether it warms the seed itself. */
    public function heats(): bool
    {
        return $this === self::Dehydrator || $this === self::Oven;
    }
}
