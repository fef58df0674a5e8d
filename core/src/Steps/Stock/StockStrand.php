<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Stock;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropName;
use Marrow\Core\Cleaning\SeedMass;
use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Fields\Show;
use Marrow\Core\Folding\Misfit;
use Marrow\Core\Folding\Strand;
use Marrow\Core\Folding\Takes;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Steps\Cleaning\CleaningStrand;
use Marrow\Core\Steps\Cleaning\LaidWithGel;
use Marrow\Core\Steps\Growing\Sown;
use Marrow\Core\Steps\Origin\PouredTogether;
use Marrow\Core\Steps\Origin\Received;
use Marrow\Core\Steps\Origin\Source;
use Marrow\Core\Steps\Storing\Kepts;
use Marrow\Core\Work\Offer;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\Whereabouts;

/** How much of a lot there is: what was put by, counted, weighed and taken. */
final class StockStrand extends Strand
{
    /** A thousand-seed mass this many times outside the crop's ordinary range is a slip of the pen. */
    private const ABSURD = 4.0;

    public readonly Stock $stock;

    private bool $isTreated = false;

    /** When all of it was lost, not used. */
    public ?\DateTimeImmutable $lostAt = null;

    /** @var list<\Closure(float): void> told the grams that were taken */
    private array $whenTaken = [];

    /** @param  array<string, Source>  $sources  lots it was poured together from, by their ids */
    public function __construct(private readonly Crop $crop, private readonly Whereabouts $where, private readonly CleaningStrand $cleaning, private readonly Kepts $kepts, private readonly array $sources = [])
    {
        $this->stock = new Stock($crop);
    }

    #[Takes]
    public function sampled(SampleWeighed $sample, Entry $entry): void
    {
        $this->cleaning->mustBeOut('counted', $entry);
        try {
            $mass = SeedMass::of($sample->counted, $sample->massesG);
        } catch (InvalidFigure $e) {
            throw Misfit::at($e->path === 'masses' ? 'masses_g' : 'counted', $e->getMessage());
        }
        $this->mustBeLikely($mass->tsm, 'masses_g');
        $this->stock->sample = $mass;
    }

    /** Seed from elsewhere comes with its count or its mass, where somebody knows it. */
    #[Takes]
    public function received(Received $received): void
    {
        if ($received->uncleaned && $received->seeds !== null) {
            $this->doubt('seeds', 'How many seeds there are is mostly known once they are out. Are there so many seeds in the fruit, pods or heads, and not so many of those?');
        }
        // What the fruit weighs is not what the seed does.
        $mass = $received->uncleaned ? null : $received->massG;
        if ($mass !== null || $received->seeds !== null) {
            $this->filled($mass, $received->seeds);
            $this->stock->isAbout = $received->about;
        }
        $this->isTreated = $received->treated;
    }

    /** Counted as it was laid out: about so many. */
    #[Takes]
    public function laidWithGel(LaidWithGel $laid): void
    {
        if ($laid->seeds !== null) {
            $this->stock->filled(null, $laid->seeds);
            $this->stock->isAbout = true;
        }
    }

    #[Takes]
    public function withdrawn(Withdrawn $withdrawn, Entry $entry): void
    {
        $this->cleaning->mustBeOut('taken out', $entry);
        if (! $this->stock->isKnown()) {
            $this->doubt('seeds', 'Nobody has said yet how much of this lot there is, so what is left will not be known.');
        }
        if ($this->isTreated && $withdrawn->purpose === Purpose::Eaten) {
            $this->doubt('purpose', 'This seed came treated: it is not to be eaten, nor fed to animals.');
        }
        $withdrawn->seeds !== null ? $this->takeSeeds($withdrawn->seeds, 'seeds') : $this->takeGrams((float) $withdrawn->massG, 'mass_g');
    }

    #[Takes]
    public function lost(SeedLost $lost, Entry $entry): void
    {
        $this->stock->filled(null, 0);
        $this->kepts->empty($entry->happenedAt);
        $this->lostAt = $entry->happenedAt;
    }

    /** A planting was sown from this lot. */
    #[Takes(as: 'lot')]
    public function sown(Sown $sown): void
    {
        if ($sown->seeds !== null) {
            $this->takeSeeds($sown->seeds, 'seeds');
        } elseif ($sown->massG !== null) {
            $this->takeGrams($sown->massG, 'mass_g');
        } elseif ($sown->container !== null) {
            // A packet was opened for it: all that was in it.
            $this->takeSeeds((int) round($this->kepts->all[$sown->container]->part ?? 0.0), 'seeds');
        }
    }

    /** Poured together, there is of it what was taken of both: of all of one what there was of that, unless nobody knew. */
    #[Takes]
    public function mixed(PouredTogether $mixed): void
    {
        $one = $mixed->seeds ?? $this->sources[$mixed->lot]->seeds ?? null;
        $other = $mixed->otherSeeds ?? $this->sources[$mixed->other]->seeds ?? null;
        $seeds = $one !== null && $other !== null ? (int) round($one + $other) : null;
        if ($seeds > 0 || $mixed->massG !== null) {
            $this->filled($mixed->massG, $seeds > 0 ? $seeds : null);
        }
    }

    #[Takes(as: 'lot')]
    public function pouredOff(PouredTogether $mixed): void
    {
        $this->poured($mixed->seeds, 'seeds');
    }

    #[Takes(as: 'other')]
    public function pouredOffAsOther(PouredTogether $mixed): void
    {
        $this->poured($mixed->otherSeeds, 'other_seeds');
    }

    public function offers(): array
    {
        if ($this->stock->isUsedUp()) {
            return [];
        }
        // In store it is counted, and found to be gone.
        $lost = $this->cleaning->hasBegun() && $this->where->place !== Place::Store ? [Offer::of(SeedLost::class, 90)] : [];
        if (! $this->cleaning->isOut()) {
            return $lost;
        }

        return [
            ...$lost,
            ...($this->stock->isKnown() || $this->where->place === Place::Store ? [Offer::of(Withdrawn::class, 15)] : []),
            Offer::of(SampleWeighed::class, 40),
        ];
    }

    /**
     * What there is was counted or weighed.
     *
     * @throws Misfit when the seed would be absurdly heavy or light
     */
    public function filled(?float $grams, ?int $seeds): void
    {
        if ($grams !== null && $seeds !== null) {
            $this->mustBeLikely($grams * 1000 / $seeds, 'seeds');
        }
        $this->stock->filled($grams, $seeds);
    }

    public function takeSeeds(int $seeds, string $field): void
    {
        if (! $this->stock->suffices($seeds)) {
            $this->tooLittle($field, Show::count((float) $this->stock->seeds()).' seeds', Show::count($seeds).' seeds');
        }
        $this->taken((float) $seeds, $seeds * $this->stock->tsm() / 1000);
    }

    /** @param  \Closure(float): void  $then  told the grams that were taken */
    public function whenTaken(\Closure $then): void
    {
        $this->whenTaken[] = $then;
    }

    private function takeGrams(float $grams, string $field): void
    {
        if (! $this->stock->sufficesGrams($grams)) {
            $this->tooLittle($field, Show::grams((float) $this->stock->grams()).' g', Show::grams($grams).' g');
        }
        $this->taken($grams * 1000 / $this->stock->tsm(), $grams);
    }

    private function poured(?int $seeds, string $field): void
    {
        $seeds === null ? $this->stock->filled(null, 0) : $this->takeSeeds($seeds, $field);
    }

    private function taken(float $seeds, float $grams): void
    {
        $this->stock->take($seeds, $grams);
        foreach ($this->whenTaken as $then) {
            $then($grams);
        }
    }

    private function tooLittle(string $field, string $there, string $wanted): void
    {
        $this->doubt($field, sprintf('Only %s%s left, by what is recorded; %s would leave none.', $this->stock->isRough() ? 'about ' : '', $there, $wanted));
    }

    /** @throws Misfit */
    private function mustBeLikely(float $tsm, string $field): void
    {
        if ($tsm < $this->crop->tsmLow / self::ABSURD || $tsm > $this->crop->tsmHigh * self::ABSURD) {
            throw Misfit::at($field, sprintf(
                'That would make 1 000 seeds weigh %s g; 1 000 seeds of %s weigh about %s to %s g. Check the count and the mass.',
                Show::grams($tsm),
                CropName::inSentence($this->crop->name),
                Show::grams($this->crop->tsmLow),
                Show::grams($this->crop->tsmHigh),
            ));
        }
    }
}
