<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Stock;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Cleaning\SeedMass;

/**
 * How much seed there is, by count, by weight, or by both where the mass of a seed is known. Only a count or a weighing
 * raises it.
 */
final class Stock
{
    /** Without a weighed sample the seed mass is only the crop's ordinary one, so a count from it may be this far out. */
    public const ORDINARY_SPREAD = 1.5;

    /** The same seed on another scale, or in damper air. */
    private const SAME_MASS = 0.02;

    private ?float $grams = null;

    /** How much there is was only told as about so much; a count or a weighing since says it. */
    public bool $isAbout = false;

    private ?float $seeds = null;

    public ?SeedMass $sample = null;

    /** g per thousand seeds, from a count and a weighing of the same seed */
    private ?float $countedTsm = null;

    public function __construct(private readonly Crop $crop) {}

    /** What there is, counted, weighed or both. A weight alone that is still the same leaves what was counted standing. */
    public function filled(?float $grams, ?int $seeds): void
    {
        $this->isAbout = false;
        if ($grams !== null && $seeds !== null) {
            $this->countedTsm = $grams * 1000 / $seeds;
        } elseif ($grams !== null && $this->seeds !== null) {
            $before = $this->grams();
            if ($before !== null && abs($grams - $before) <= self::SAME_MASS * $before) {
                $this->grams = $grams;

                return;
            }
        }
        $this->grams = $grams;
        $this->seeds = $seeds;
    }

    public function isKnown(): bool
    {
        return $this->grams !== null || $this->seeds !== null;
    }

    public function isUsedUp(): bool
    {
        return $this->isKnown() && ($this->seeds() ?? 1.0) < 0.5;
    }

    /** g per thousand seeds: of this lot where it can be known, else the crop's ordinary one. */
    public function tsm(): float
    {
        return $this->countedTsm ?? $this->sample->tsm ?? $this->crop->ordinaryTsm();
    }

    public function tsmIsOfThisLot(): bool
    {
        return $this->countedTsm !== null || $this->sample !== null;
    }

    /** Seeds left, counted or from the weight; null when nothing is known. */
    public function seeds(): ?float
    {
        return $this->seeds ?? ($this->grams === null ? null : $this->grams * 1000 / $this->tsm());
    }

    /** g left; null when nothing is known. */
    public function grams(): ?float
    {
        return $this->grams ?? ($this->seeds === null ? null : $this->seeds * $this->tsm() / 1000);
    }

    /** g left of what was weighed; null when it was only counted. */
    public function weighed(): ?float
    {
        return $this->grams;
    }

    /** Whether the seeds themselves were counted, not only weighed. */
    public function isCounted(): bool
    {
        return $this->seeds !== null && ! $this->isAbout;
    }

    /** Whether the count rests on the crop's ordinary seed mass alone. */
    public function isRough(): bool
    {
        return $this->isAbout || ($this->seeds === null && ! $this->tsmIsOfThisLot());
    }

    /** Whether there may be so many: a count from an ordinary seed mass may be half as many again. */
    public function suffices(float $seeds): bool
    {
        $there = $this->seeds();

        return $there === null || $seeds <= $there * ($this->isRough() ? self::ORDINARY_SPREAD : 1.0) + 1e-6;
    }

    /** Whether there may be so much, g. */
    public function sufficesGrams(float $grams): bool
    {
        $there = $this->grams();
        $rough = $this->isAbout || ($this->grams === null && ! $this->tsmIsOfThisLot());

        return $there === null || $grams <= $there * ($rough ? self::ORDINARY_SPREAD : 1.0) + 1e-6;
    }

    /** What was taken goes; there is never less than none. */
    public function take(float $seeds, float $grams): void
    {
        $this->seeds = $this->seeds === null ? null : self::atLeastNone($this->seeds - $seeds);
        $this->grams = $this->grams === null ? null : self::atLeastNone($this->grams - $grams);
    }

    private static function atLeastNone(float $left): float
    {
        // A hair of rounding must not leave a ghost of a seed behind.
        return $left < 1e-6 ? 0.0 : $left;
    }
}
