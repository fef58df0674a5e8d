<?php

declare(strict_types=1);

namespace Marrow\Core\Drying;

use Marrow\Core\Fields\Choice;

/** How seed answered to the hand. */
enum SignResult: string implements Choice
{
    case Bends = 'bends';
    case Snaps = 'snaps';
    case Squashes = 'squashes';
    case Shatters = 'shatters';
    case Dents = 'dents';
    case Cracks = 'cracks';
    case Mist = 'mist';
    case NoMist = 'no_mist';
    case Marks = 'marks';
    case NoMark = 'no_mark';
    case Clumps = 'clumps';
    case RunsFreely = 'runs_freely';
    case Dull = 'dull';
    case Rattles = 'rattles';

    public function label(): string
    {
        return match ($this) {
            self::Bends => 'it bends',
            self::Snaps => 'it snaps',
            self::Squashes => 'it squashes',
            self::Shatters => 'it shatters',
            self::Dents => 'a tooth dents it',
            self::Cracks => 'a tooth cracks it',
            self::Mist => 'mist on the glass',
            self::NoMist => 'no mist',
            self::Marks => 'a thumbnail marks it',
            self::NoMark => 'a thumbnail leaves no mark',
            self::Clumps => 'it clumps',
            self::RunsFreely => 'it runs freely',
            self::Dull => 'it sounds dull',
            self::Rattles => 'it rattles',
        };
    }

    public function sign(): HandSign
    {
        foreach (HandSign::cases() as $sign) {
            if ($sign->damp() === $this || $sign->dry() === $this) {
                return $sign;
            }
        }
        throw new \LogicException("$this->value is of no sign.");
    }

    public function isDry(): bool
    {
        return $this->sign()->dry() === $this;
    }

    /**
     * How likely this is of seed in balance with that air.
     *
     * @param  float  $rh  share
     */
    public function likelihood(float $rh): float
    {
        $dry = $this->sign()->calledDry($rh);

        return $this->isDry() ? $dry : 1.0 - $dry;
    }
}
