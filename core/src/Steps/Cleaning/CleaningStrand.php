<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

use Marrow\Core\Botany\CleaningWay;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropName;
use Marrow\Core\Fields\Show;
use Marrow\Core\Folding\Misfit;
use Marrow\Core\Folding\Strand;
use Marrow\Core\Folding\Takes;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Holding\Holdings;
use Marrow\Core\Steps\Origin\CutDown;
use Marrow\Core\Steps\Origin\OriginStrand;
use Marrow\Core\Steps\Origin\Part;
use Marrow\Core\Steps\Origin\SetApart;
use Marrow\Core\Steps\Stock\SeedLost;
use Marrow\Core\Work\Later;
use Marrow\Core\Work\Loss;
use Marrow\Core\Work\Offer;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\Task;

/** Getting the seed out: ferment, pour off, rinse; or thresh and winnow. */
final class CleaningStrand extends Strand
{
    public CleaningStage $stage = CleaningStage::Uncleaned;

    /** When the present stage began. */
    public ?\DateTimeImmutable $since = null;

    /** Null where it was never put to ferment. */
    public ?Ferment $ferment = null;

    /** When what finishes under cover was last turned, or was cut. */
    public ?\DateTimeImmutable $turnedAt = null;

    /** g of seed that fell by itself meanwhile and was caught. */
    public float $caught = 0.0;

    /** Fruits that tasted bitter and were thrown out. */
    public int $bitter = 0;

    /** What the seed looked like as it came out of the fruit. */
    public ?FirstLook $look = null;

    /** g of what was threshed; null where it was not weighed. */
    public ?float $rough = null;

    public ?\DateTimeImmutable $pouredOffAt = null;

    /** When the ferment was last stirred, or its lid let off. */
    private ?\DateTimeImmutable $stirredAt = null;

    /** Times it was filled and poured off. */
    public int $rounds = 0;

    /** Whether its gel was left on. */
    public bool $hasGel = false;

    /** @var list<SetApart> what was set apart from it, to be lots of their own */
    public array $parts = [];

    /** Null where it was never put to soak. */
    public ?InWater $soak = null;

    public bool $sproutedSeen = false;

    /** What became of seed that floated; null where nobody said. */
    public ?Floaters $floated = null;

    /** When it was last in water. */
    public ?\DateTimeImmutable $wetAt = null;

    /** When it was last threshed. */
    public ?\DateTimeImmutable $threshedAt = null;

    /** g after the last step that was weighed */
    public ?float $massOut = null;

    /** Share by which weighings on a kitchen scale may differ. */
    private const SCALES = 0.02;

    /** Share of what was threshed that blows away unseen. */
    private const UNSEEN = 0.1;

    private bool $hasLeft = false;

    private bool $isLost = false;

    private readonly CleaningWork $work;

    public function __construct(private readonly Crop $crop, private readonly OriginStrand $origin, private readonly Practice $practice, private readonly Holdings $holdings)
    {
        $this->work = new CleaningWork($crop, $practice);
    }

    #[Takes]
    public function cutDown(CutDown $cut, Entry $entry): void
    {
        $this->turnedAt = $entry->happenedAt;
    }

    #[Takes]
    public function turned(Turned $turned, Entry $entry): void
    {
        $this->mustBe($entry, 'It is turned while it finishes', CleaningStage::Uncleaned);
        $this->turnedAt = $entry->happenedAt;
        $this->caught += $turned->caughtG ?? 0.0;
    }

    #[Takes]
    public function fruitOpened(FruitOpened $opened, Entry $entry): void
    {
        if ($this->crop->cleaning->way === CleaningWay::Thresh) {
            throw Misfit::outOfPlace(sprintf('%s is threshed; there is no fruit to open.', $this->crop->name));
        }
        $this->mustBe($entry, 'Fruit is opened before its seed is washed', CleaningStage::Uncleaned);
        if ($opened->bitter !== null && $opened->fruits !== null && $opened->bitter > $opened->fruits) {
            throw Misfit::at('bitter', sprintf('Of %d fruits not more than %d can be bitter.', $opened->fruits, $opened->fruits));
        }
        $this->bitter += $opened->bitter ?? 0;
        $this->look = $opened->look ?? $this->look;
    }

    #[Takes]
    public function fermentStarted(FermentStarted $ferment, Entry $entry): void
    {
        if ($this->crop->cleaning->way === CleaningWay::Thresh) {
            throw Misfit::outOfPlace(sprintf('%s is threshed dry, not fermented.', $this->crop->name));
        }
        $this->mustBe($entry, 'A ferment starts with uncleaned seed', CleaningStage::Uncleaned);
        $this->ferment = Ferment::begun($ferment, $entry->happenedAt, $ferment->placeId === null ? null : $this->holdings->around($ferment->placeId, null));
        $this->enter(CleaningStage::Fermenting, $entry);
    }

    #[Takes]
    public function pouredOff(PouredOff $poured, Entry $entry): void
    {
        $this->mustBe($entry, 'Only a working ferment, or what was filled with water, can be poured off', CleaningStage::Fermenting, CleaningStage::Settling);
        $this->ferment = $this->ferment?->ended($entry->happenedAt);
        $this->pouredOffAt ??= $entry->happenedAt;
        $this->wetAt = $entry->happenedAt;
        $this->rounds += $poured->passes;
        $this->sproutedSeen = $this->sproutedSeen || $poured->sprouted;
        // What floated in the first round floats no more in the second.
        $this->floated = $this->floated === null || $poured->floated !== Floaters::None ? $poured->floated ?? $this->floated : $this->floated;
        $this->enter(CleaningStage::PouredOff, $entry);
    }

    #[Takes]
    public function filled(Filled $filled, Entry $entry): void
    {
        $this->mustBe($entry, 'Water is put on a ferment, or on what was poured off once', CleaningStage::Fermenting, CleaningStage::PouredOff);
        $this->ferment = $this->ferment?->ended($entry->happenedAt);
        $this->wetAt = $entry->happenedAt;
        $this->enter(CleaningStage::Settling, $entry);
    }

    #[Takes]
    public function stirred(Stirred $stirred, Entry $entry): void
    {
        $this->mustBe($entry, 'Only a ferment that works is stirred', CleaningStage::Fermenting);
        $this->stirredAt = $entry->happenedAt;
    }

    #[Takes]
    public function laidWithGel(LaidWithGel $laid, Entry $entry): void
    {
        if ($this->crop->cleaning->way !== CleaningWay::Ferment) {
            throw Misfit::outOfPlace(sprintf('Seed of %s has no gel to be left on.', CropName::inSentence($this->crop->name)));
        }
        $this->mustBe($entry, 'Seed is laid on paper as it comes out of the fruit', CleaningStage::Uncleaned);
        $this->hasGel = true;
        $this->wetAt = $entry->happenedAt;
        $this->enter(CleaningStage::Clean, $entry);
    }

    /** It is a part of another lot: how far that was is how far this is. */
    #[Takes]
    public function setApart(SetApart $apart, Entry $entry): void
    {
        if ($apart->part->isWet()) {
            $this->wetAt = $entry->happenedAt;
        }
        $this->massOut = $apart->massG;
        $this->enter($apart->part->stage(), $entry);
    }

    #[Takes(as: 'lot')]
    public function parted(SetApart $apart, Entry $entry): void
    {
        $this->origin->mustHaveBegun($entry->happenedAt);
        match ($apart->part) {
            Part::Floated => $this->pouredOffAt !== null || $this->soak !== null || $this->wetAt !== null || throw Misfit::outOfPlace('Nothing of it has been in water yet, by what is recorded, so nothing has floated.'),
            Part::Light, Part::Unopened => $this->isOut() || throw Misfit::outOfPlace(sprintf('It has not been %s yet, by what is recorded.', $this->crop->isWetCleaned() ? 'washed out' : 'threshed')),
            Part::Fell, Part::Picked => null,
        };
        $of = $apart->part === Part::Fell ? ($this->caught > 0.0 ? $this->caught : null) : $this->rough;
        if ($apart->massG !== null && $of !== null && $apart->massG > $of * (1.0 + self::SCALES)) {
            throw Misfit::at('mass_g', sprintf('%s g cannot be set apart of the %s g that there were.', Show::grams($apart->massG), Show::grams($of)));
        }
        $this->parts[] = $apart;
    }

    #[Takes]
    public function soaked(Soaked $soaked, Entry $entry): void
    {
        if ($this->crop->cleaning->way === CleaningWay::Thresh) {
            throw Misfit::outOfPlace(sprintf('%s is threshed dry, not soaked.', $this->crop->name));
        }
        $this->mustBe($entry, 'Seed is put to soak as it comes out of the fruit', CleaningStage::Uncleaned);
        $this->soak = new InWater($entry->happenedAt, $soaked->temperatureC, $this->crop->cleaning->soakHours);
        $this->wetAt = $entry->happenedAt;
        $this->enter(CleaningStage::Soaking, $entry);
    }

    #[Takes]
    public function rinsed(Rinsed $rinsed, Entry $entry): void
    {
        if ($this->stage === CleaningStage::Fermenting) {
            throw Misfit::outOfPlace('The ferment is still working: record that you poured it off, then the rinse.');
        }
        // Rubbed and rinsed at once is the other school for gel seed; onion is rinsed after winnowing by some.
        $this->mustBe($entry, 'Seed is rinsed before it is dried', CleaningStage::Uncleaned, CleaningStage::Soaking, CleaningStage::PouredOff, CleaningStage::Clean);
        if ($this->stage === CleaningStage::Soaking) {
            $this->soak = $this->soak?->takenOut($entry->happenedAt);
        }
        $this->wetAt = $entry->happenedAt;
        $this->sproutedSeen = $this->sproutedSeen || $rinsed->sprouted;
        $this->enter(CleaningStage::Clean, $entry);
    }

    #[Takes]
    public function threshed(Threshed $threshed, Entry $entry): void
    {
        if ($this->crop->cleaning->way !== CleaningWay::Thresh) {
            throw Misfit::outOfPlace(sprintf('%s seed comes out of wet fruit; there is nothing to thresh.', $this->crop->name));
        }
        $this->origin->mustHold($threshed->massG, 'What came out of threshing');
        $this->mustBe($entry, 'Seed is threshed before it is winnowed', CleaningStage::Uncleaned, CleaningStage::Threshed);
        $this->massOut = $threshed->massG;
        $this->rough = $threshed->massG ?? $this->rough;
        $this->threshedAt = $entry->happenedAt;
        $this->enter(CleaningStage::Threshed, $entry);
    }

    #[Takes]
    public function winnowed(Winnowed $winnowed, Entry $entry): void
    {
        $this->origin->mustHold($winnowed->massG, 'Clean seed');
        $this->mustBe($entry, 'Seed is winnowed after it has been threshed', CleaningStage::Threshed, CleaningStage::Clean);
        $this->mustAddUp($winnowed);
        $this->massOut = $winnowed->massG ?? $this->massOut;
        $this->enter(CleaningStage::Clean, $entry);
    }

    #[Takes]
    public function lost(SeedLost $lost): void
    {
        $this->isLost = true;
    }

    /** What went in comes out again, but for what blows away unseen; what fell by itself may have been put with it. */
    private function mustAddUp(Winnowed $winnowed): void
    {
        // Threshed again and not weighed, there is no more of it than there was.
        $threshed = $this->massOut ?? $this->rough;
        if ($threshed === null) {
            return;
        }
        $in = $threshed + $this->caught;
        $out = ($winnowed->massG ?? 0.0) + ($winnowed->lightG ?? 0.0) + ($winnowed->chaffG ?? 0.0);
        if ($winnowed->massG !== null && $winnowed->massG > $in) {
            throw Misfit::at('mass_g', sprintf('Winnowing only takes away: %s g cannot come out of the %s g that were threshed.', Show::grams($winnowed->massG), Show::grams($in)));
        }
        if ($out > $in * (1.0 + self::SCALES)) {
            throw Misfit::at($winnowed->chaffG === null ? 'light_g' : 'chaff_g', sprintf('%s g cannot come out of the %s g that were threshed.', Show::grams($out), Show::grams($in)));
        }
        if ($winnowed->massG !== null && $winnowed->chaffG !== null && $out < $threshed * (1.0 - self::UNSEEN)) {
            $this->doubt('chaff_g', sprintf('Of %s g that were threshed %s g are accounted for. Did the rest blow away?', Show::grams($in), Show::grams($out)));
        }
    }

    /** Share of what was threshed, and fell by itself before, that came out as clean seed; null where it was not weighed. */
    public function cleanShare(): ?float
    {
        return $this->stage === CleaningStage::Clean && $this->rough !== null && $this->massOut !== null && $this->rough > 0.0 ? $this->massOut / ($this->rough + $this->caught) : null;
    }

    public function hasBegun(): bool
    {
        return $this->origin->hasBegun();
    }

    public static function taskKinds(): string
    {
        return CleaningTask::class;
    }

    public function wants(): array
    {
        $since = $this->since ?? $this->origin->lastAt() ?? $this->origin->receivedAt;
        if ($since === null || $this->isClean() || $this->isLost) {
            return [];
        }

        return match ($this->stage) {
            CleaningStage::Uncleaned => [$this->work->start($since), ...$this->work->turn($this->origin->finishing?->kept, $this->turnedAt)],
            CleaningStage::Fermenting => [$this->work->pourOff($this->ferment, $since), ...$this->work->stir($this->ferment, $this->stirredAt)],
            CleaningStage::Settling => [$this->work->settled($since)],
            CleaningStage::Soaking => [$this->work->liftOut($this->soak, $since)],
            CleaningStage::PouredOff => [new Task(CleaningTask::Rinse, Place::Bench, $since, $since, Later::hours($since, 2), Loss::Seed)],
            CleaningStage::Threshed => $this->hasLeft ? [] : [new Task(CleaningTask::Winnow, Place::Bench, $since, Later::days($since, 3), null, Loss::Nothing)],
            CleaningStage::Clean => [],
        };
    }

    public function offers(): array
    {
        if ($this->isLost || ! $this->origin->hasBegun()) {
            return [];
        }
        if ($this->isClean() || $this->hasLeft) {
            return $this->isClean() && ! $this->hasLeft && ! $this->origin->cameClean() && ! $this->crop->isKeptAlive() ? [$this->apart($this->crop->isWetCleaned() ? Part::Floated : Part::Light)] : [];
        }

        return match ($this->stage) {
            CleaningStage::Uncleaned => match ($this->crop->cleaning->way) {
                CleaningWay::Ferment => [...$this->work->gelOffers(), $this->work->opening()],
                CleaningWay::Rinse => [Offer::of(Rinsed::class, 10), Offer::of(Soaked::class, 20), $this->work->opening()],
                CleaningWay::Thresh => [$this->work->threshing(10), ...($this->turnedAt === null ? [] : [Offer::of(Turned::class, 15)])],
            },
            CleaningStage::Fermenting => [$this->work->pouring(10), Offer::of(Filled::class, 15), Offer::of(Stirred::class, 20)],
            CleaningStage::Settling => [$this->work->pouring(10)],
            CleaningStage::Soaking => [Offer::of(Rinsed::class, 10)],
            CleaningStage::PouredOff => [Offer::of(Rinsed::class, 10), Offer::of(Filled::class, 20), $this->apart(Part::Floated)],
            CleaningStage::Threshed => [$this->work->winnowing(), $this->work->threshing(20), $this->apart(Part::Unopened)],
            CleaningStage::Clean => [],
        };
    }

    private function apart(Part $usual): Offer
    {
        return Offer::of(SetApart::class, 60)->usually('part', $usual->value);
    }

    /** Whether nothing of it stands on the bench any more. */
    public function isGone(): bool
    {
        return $this->hasLeft || $this->isLost;
    }

    public function isClean(): bool
    {
        // A tuber has nothing to be cleaned of.
        return $this->stage === CleaningStage::Clean || $this->origin->cameClean() || ($this->crop->isKeptAlive() && $this->origin->hasBegun());
    }

    /** Whether the seed has been got out of its fruit, pods or heads, if not freed of all chaff. */
    public function isOut(): bool
    {
        return $this->isClean() || $this->stage === CleaningStage::Threshed;
    }

    /** @throws Misfit unless the seed has been got out of its fruit, pods or heads */
    public function mustBeOut(string $done, Entry $entry): void
    {
        $this->origin->mustHaveBegun($entry->happenedAt);
        if (! $this->isOut()) {
            throw Misfit::outOfPlace(sprintf(
                'Seed is %s after it has been cleaned: record %s first.',
                $done,
                match ($this->stage) {
                    CleaningStage::Fermenting => 'the pour-off and the rinse',
                    CleaningStage::Settling => 'the pour-off and the rinse',
                    CleaningStage::PouredOff, CleaningStage::Soaking => 'the rinse',
                    default => $this->crop->isWetCleaned() ? 'how the seed was washed out' : 'the threshing',
                },
            ));
        }
    }

    /** The seed has left the bench: what was threshed only will not be winnowed any more. */
    public function leave(): void
    {
        $this->hasLeft = true;
    }

    /** Whether it lay in its ferment, or in water, for longer than its limit at that warmth; false where that is not known. */
    public function layTooLong(): bool
    {
        return $this->ferment?->wasTooLong() === true || $this->soak?->wasTooLong() === true;
    }

    /** @throws Misfit */
    private function mustBe(Entry $entry, string $rule, CleaningStage ...$stages): void
    {
        $this->origin->mustHaveBegun($entry->happenedAt);
        if (in_array($this->stage, $stages, true)) {
            return;
        }
        $now = match ($this->stage) {
            CleaningStage::Uncleaned => 'it had been picked and nothing more',
            CleaningStage::Fermenting => 'a ferment was working',
            CleaningStage::Soaking => 'it lay in water',
            CleaningStage::Settling => 'it stood in water to settle',
            CleaningStage::PouredOff => 'it had been poured off',
            CleaningStage::Threshed => 'it had been threshed',
            CleaningStage::Clean => 'it was clean already',
        };
        throw Misfit::outOfPlace(sprintf('%s; on %s %s.', $rule, Show::moment($entry->happenedAt), $now));
    }

    private function enter(CleaningStage $stage, Entry $entry): void
    {
        $this->stage = $stage;
        $this->since = $entry->happenedAt;
        $this->origin->close();
    }
}
