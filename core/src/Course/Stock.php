<?php

declare(strict_types=1);

namespace Marrow\Core\Course;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Cleaning\SeedMass;
use Marrow\Core\Journal\EntryRefused;

/** How much seed there is, by count, by weight, or by both where the mass of a seed is known. */
final class Stock
{
    /** Without a weighed sample the seed mass is only the crop's ordinary one, so a count from it may be this far out. */
    private const ORDINARY_SPREAD = 1.5;

    /** A thousand-seed mass this many times outside the crop's ordinary range is a slip of the pen. */
    private const ABSURD = 4.0;

    private ?float $grams = null;

    private ?float $seeds = null;

    public ?SeedMass $sample = null;

    private bool $countedAndWeighed = false;

    public function __construct(private readonly Crop $crop) {}

    /** @throws EntryRefused */
    public function sampled(SeedMass $sample): void
    {
        $this->mustBeLikely($sample->tsm, 'masses_g');
        $this->sample = $sample;
    }

    /** @throws EntryRefused */
    public function filled(?float $grams, ?int $seeds): void
    {
        if ($grams === null && $seeds === null) {
            throw EntryRefused::at('seeds', 'Say how much there is: count the seeds, or weigh them.');
        }
        if ($grams !== null && $seeds !== null) {
            $this->mustBeLikely($grams * 1000 / $seeds, 'seeds');
        }
        $this->countedAndWeighed = $grams !== null && $seeds !== null;
        $this->grams = $grams;
        $this->seeds = $seeds;
    }

    public function isKnown(): bool
    {
        return $this->grams !== null || $this->seeds !== null;
    }

    /** g per thousand seeds: of this lot where it can be known, else the crop's ordinary one. */
    public function tsm(): float
    {
        if ($this->countedAndWeighed && $this->seeds > 0 && $this->grams > 0) {
            return $this->grams * 1000 / $this->seeds;
        }

        return $this->sample === null ? $this->crop->ordinaryTsm() : $this->sample->tsm;
    }

    public function tsmIsOfThisLot(): bool
    {
        return $this->countedAndWeighed || $this->sample !== null;
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

    /** Whether the seeds themselves were counted, not only weighed. */
    public function isCounted(): bool
    {
        return $this->seeds !== null;
    }

    /** Whether the count rests on the crop's ordinary seed mass alone. */
    public function isRough(): bool
    {
        return $this->seeds === null && ! $this->tsmIsOfThisLot();
    }

    /** @throws EntryRefused when there is less */
    public function takeSeeds(int $seeds, string $field): void
    {
        $there = $this->seeds();
        if ($there === null) {
            return;
        }
        $this->mustSuffice((float) $seeds, $there, $this->isRough(), $field, static fn (float $n): string => Show::count($n).' seeds');
        $tsm = $this->tsm();
        $this->take((float) $seeds, $seeds * $tsm / 1000);
    }

    /** @throws EntryRefused when there is less */
    public function takeGrams(float $grams, string $field): void
    {
        $there = $this->grams();
        if ($there === null) {
            return;
        }
        $rough = $this->grams === null && ! $this->tsmIsOfThisLot();
        $this->mustSuffice($grams, $there, $rough, $field, static fn (float $g): string => Show::grams($g).' g');
        $tsm = $this->tsm();
        $this->take($grams * 1000 / $tsm, $grams);
    }

    private function take(float $seeds, float $grams): void
    {
        // A hair of rounding must not leave a ghost of a seed behind.
        $this->seeds = $this->seeds === null ? null : $this->atLeastNone($this->seeds - $seeds);
        $this->grams = $this->grams === null ? null : $this->atLeastNone($this->grams - $grams);
    }

    private function atLeastNone(float $left): float
    {
        return $left < 1e-6 ? 0.0 : $left;
    }

    /**
     * @param  \Closure(float): string  $show
     *
     * @throws EntryRefused
     */
    private function mustSuffice(float $wanted, float $there, bool $rough, string $field, \Closure $show): void
    {
        $most = $rough ? $there * self::ORDINARY_SPREAD : $there;
        if ($wanted > $most + 1e-6) {
            throw EntryRefused::at($field, sprintf(
                'Only %s%s left; %s cannot be taken.',
                $rough ? 'about ' : '',
                $show($there),
                $show($wanted),
            ));
        }
    }

    /** @throws EntryRefused */
    private function mustBeLikely(float $tsm, string $field): void
    {
        if ($tsm < $this->crop->tsmLow / self::ABSURD || $tsm > $this->crop->tsmHigh * self::ABSURD) {
            throw EntryRefused::at($field, sprintf(
                'That would make 1 000 seeds weigh %s g; 1 000 seeds of %s weigh about %s to %s g. Check the count and the mass.',
                Show::grams($tsm),
                mb_strtolower($this->crop->name),
                Show::grams($this->crop->tsmLow),
                Show::grams($this->crop->tsmHigh),
            ));
        }
    }
}
