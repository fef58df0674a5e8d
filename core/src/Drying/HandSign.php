<?php

declare(strict_types=1);

namespace Marrow\Core\Drying;

/**
 * What the hand can try on seed, and how far that tells dry from damp. Nobody has published how often such a sign is right: that it turns
 * about where the inside of a seed turns from leathery to glassy in a room (in balance with some 45 to 60 % RH), and how often it
 * misleads, are Marrow's assumptions.
 */
enum HandSign: string
{
    case Snap = 'snap';
    case Hammer = 'hammer';
    case Teeth = 'teeth';
    case SunJar = 'sun_jar';
    case Thumbnail = 'thumbnail';
    case Runs = 'runs';
    case Rattles = 'rattles';

    /** Share of hands that call it dry though it is as damp as can be, or damp though it is bone dry. */
    public function misleads(): float
    {
        return match ($this) {
            self::Snap, self::Hammer, self::Teeth, self::SunJar => 0.10,
            self::Thumbnail, self::Runs, self::Rattles => 0.15,
        };
    }

    /** Of the air that seed is in balance with where half of the hands call it dry, share. */
    public function turnsAt(): float
    {
        return match ($this) {
            self::Snap, self::Hammer => 0.50,
            self::Teeth => 0.55,
            self::SunJar, self::Thumbnail => 0.60,
            self::Runs => 0.65,
            self::Rattles => 0.70,
        };
    }

    /** How far around that hands differ, share of RH: the scale of the logistic curve. */
    private function spread(): float
    {
        return match ($this) {
            self::Snap, self::Hammer, self::Teeth, self::SunJar => 0.04,
            self::Thumbnail, self::Runs, self::Rattles => 0.055,
        };
    }

    /**
     * How likely the hand calls seed dry that is in balance with that air.
     *
     * @param  float  $rh  share
     */
    public function calledDry(float $rh): float
    {
        return $this->misleads() + (1.0 - 2.0 * $this->misleads()) / (1.0 + exp(($rh - $this->turnsAt()) / $this->spread()));
    }

    public function damp(): SignResult
    {
        return match ($this) {
            self::Snap => SignResult::Bends,
            self::Hammer => SignResult::Squashes,
            self::Teeth => SignResult::Dents,
            self::SunJar => SignResult::Mist,
            self::Thumbnail => SignResult::Marks,
            self::Runs => SignResult::Clumps,
            self::Rattles => SignResult::Dull,
        };
    }

    public function dry(): SignResult
    {
        return match ($this) {
            self::Snap => SignResult::Snaps,
            self::Hammer => SignResult::Shatters,
            self::Teeth => SignResult::Cracks,
            self::SunJar => SignResult::NoMist,
            self::Thumbnail => SignResult::NoMark,
            self::Runs => SignResult::RunsFreely,
            self::Rattles => SignResult::Rattles,
        };
    }
}
