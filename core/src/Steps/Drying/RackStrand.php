<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Drying;

use DateTimeImmutable;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropName;
use Marrow\Core\Drying\Air;
use Marrow\Core\Drying\OpenCourse;
use Marrow\Core\Drying\SeedHeat;
use Marrow\Core\Fields\Show;
use Marrow\Core\Folding\Misfit;
use Marrow\Core\Folding\Strand;
use Marrow\Core\Folding\Takes;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Cleaning\CleaningStrand;
use Marrow\Core\Steps\Cleaning\LaidWithGel;
use Marrow\Core\Steps\Holding\Holdings;
use Marrow\Core\Steps\Stock\StockStrand;
use Marrow\Core\Work\Later;
use Marrow\Core\Work\Loss;
use Marrow\Core\Work\Offer;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\Task;
use Marrow\Core\Work\Whereabouts;

/** Where seed lies to dry, in what air, and the hand it wants there while it is wet. */
final class RackStrand extends Strand
{
    /** Hours from when it was washed out in which seed is spread wet. */
    private const WET_HOURS = 48;

    /** Hours from spreading: on the first day it is turned every few, on the second now and then; then it is dry outside, or it spoils. */
    private const FIRST_DAY = 24;

    private const DRY_OUTSIDE = 48;

    private const TURNED_EACH = 4;

    private const TURNED_NEXT_DAY = 12;

    /** Hours of the day at which hands are about. */
    private const UP = 7;

    private const ABED = 22;

    /** Hours of the day: dew falls after it. */
    private const DEW = 18;

    public ?DateTimeImmutable $spreadAt = null;

    public ?DryingSurface $surface = null;

    public DriesWhere $lies = DriesWhere::Indoors;

    public ?DryingAid $aid = null;

    /** Whether it was ever dried hotter than its kind bears, by what is recorded. */
    public bool $isOverheated = false;

    private ?string $placeId = null;

    private ?float $temperature = null;

    private ?DateTimeImmutable $movedAt = null;

    /** @var ?array{DateTimeImmutable, array{float, float, float}} since when it dries as it lies, and what it may have held then; null where it has from the beginning */
    private ?array $goesOn = null;

    private ?DateTimeImmutable $raked = null;

    /** Whether it is shut into a jar with a desiccant, where the air of the room says nothing. */
    public bool $isShutIn = false;

    /** Whether it came out of such a jar and has not been spread anew: what the air had made of it until then is no longer so. */
    public bool $wasShutIn = false;

    /** When it came out of such a jar last. */
    public ?DateTimeImmutable $cameOutAt = null;

    private bool $isWet = false;

    private bool $isDryOutside = false;

    public function __construct(private readonly Crop $crop, private readonly Whereabouts $where, private readonly CleaningStrand $cleaning, private readonly StockStrand $stock, private readonly Holdings $holdings, private readonly Practice $practice) {}

    #[Takes]
    public function spread(Spread $spread, Entry $entry): void
    {
        $this->spreadAt = $entry->happenedAt;
        $this->surface = $spread->surface;
        $this->isShutIn = $this->wasShutIn = false;
        $this->goesOn = null;
        $this->raked = null;
        $this->isDryOutside = false;
        $wetAt = $this->cleaning->wetAt;
        $this->isWet = $this->crop->bearsDrying() && $wetAt !== null && $entry->happenedAt <= Later::hours($wetAt, self::WET_HOURS);
        $this->lies($spread->placeId, $spread->where ?? DriesWhere::Indoors, $spread->aid, $spread->temperatureC, $spread->moisture, $entry);
        if ($this->isWet && $spread->surface->sticks()) {
            $this->doubt('surface', 'Wet seed sticks to kitchen paper and takes bits of it along: a plate, a screen or a coffee filter lets it go.');
        }
    }

    /** Laid on paper with its gel on it dries where it lies, and is neither turned nor parted. */
    #[Takes]
    public function laidWithGel(LaidWithGel $laid, Entry $entry): void
    {
        $this->spreadAt = $entry->happenedAt;
        $this->surface = DryingSurface::Paper;
        $this->isWet = false;
        $this->lies(null, DriesWhere::Indoors, null, null, null, $entry);
    }

    #[Takes]
    public function driesElsewhere(DriesElsewhere $moved, Entry $entry): void
    {
        $this->mustLie();
        $this->isShutIn = false;
        [$course, $since] = [$this->course(), $this->since()];
        $this->goesOn = $course === null || $since === null ? null : [$entry->happenedAt, $course->after(max(0.0, ($entry->happenedAt->getTimestamp() - $since->getTimestamp()) / 3600))];
        $this->lies($moved->placeId ?? $this->placeId, $moved->where ?? $this->lies, $moved->aid, $moved->temperatureC, null, $entry);
    }

    /** Who has it in hand on the third day finds it dry outside, or says so. */
    #[Takes]
    public function weighed(Weighed $weighed, Entry $entry): void
    {
        $this->handled($entry);
    }

    #[Takes]
    public function jarRead(JarRead $read, Entry $entry): void
    {
        $this->handled($entry);
    }

    #[Takes]
    public function cardRead(CardRead $read, Entry $entry): void
    {
        $this->handled($entry);
    }

    #[Takes]
    public function handTried(HandTried $tried, Entry $entry): void
    {
        $this->handled($entry);
    }

    private function handled(Entry $entry): void
    {
        $this->isDryOutside = $this->isDryOutside || $this->spreadAt !== null && $entry->happenedAt >= Later::hours($this->spreadAt, self::DRY_OUTSIDE);
    }

    #[Takes]
    public function desiccantIn(DesiccantIn $in): void
    {
        $this->isShutIn = $this->wasShutIn = true;
        $this->isDryOutside = true;
    }

    #[Takes]
    public function desiccantOut(DesiccantOut $out, Entry $entry): void
    {
        $this->isShutIn = false;
        $this->cameOutAt = $entry->happenedAt;
    }

    #[Takes]
    public function raked(Raked $raked, Entry $entry): void
    {
        $this->mustLie();
        $this->raked = $entry->happenedAt;
        $this->isDryOutside = $this->isDryOutside || $raked->dryOutside;
    }

    public static function taskKinds(): string
    {
        return RackTask::class;
    }

    public function wants(): array
    {
        if ($this->where->place !== Place::Racks || $this->spreadAt === null || ! $this->crop->bearsDrying() || $this->stock->stock->isUsedUp()) {
            return [];
        }

        return [...$this->takeIn(), ...$this->turn()];
    }

    public function offers(): array
    {
        if ($this->where->place !== Place::Racks || ! $this->crop->bearsDrying() || $this->stock->stock->isUsedUp()) {
            return [];
        }
        $moved = Offer::of(DriesElsewhere::class, $this->lies->isOut() ? 6 : 35);

        return [
            $this->lies->isOut() ? $moved->usually('where', DriesWhere::Indoors->value)->calledHere('Take it in') : $moved,
            Offer::of(Raked::class, $this->isWet && ! $this->isDryOutside ? 8 : 45),
        ];
    }

    /** How it dries as it lies there, by the air of its place, else of an ordinary room; null of what does not lie open. */
    public function course(): ?OpenCourse
    {
        if ($this->spreadAt === null || $this->isShutIn) {
            return null;
        }
        [$temperature, $rh, $isKnown] = $this->air();
        if ($this->temperature !== null && $this->temperature > $temperature) {
            // The same water in warmer air.
            $rh = Air::at($temperature, $rh)->rhAt(min(Air::MAX_TEMPERATURE, $this->temperature));
            $temperature = min(Air::MAX_TEMPERATURE, $this->temperature);
        }

        return new OpenCourse($this->crop->balance, $rh, $temperature, $isKnown && $this->aid?->driesAir() !== true && ! $this->lies->isOut(), $this->isWet || $this->crop->isWetCleaned(), $this->goesOn[1] ?? null);
    }

    /** Since when its course goes: when its water began to leave it, or when it was moved to where it lies. */
    public function since(): ?DateTimeImmutable
    {
        return $this->goesOn[0] ?? $this->cleaning->wetAt ?? $this->cleaning->threshedAt ?? $this->spreadAt;
    }

    /** @return ?string what the place is called in which it lies; null where nobody said */
    public function placeName(): ?string
    {
        return $this->placeId === null ? null : $this->holdings->around($this->placeId, null)?->at($this->lately())->air->name;
    }

    /** When it was laid where it lies. */
    public function movedAt(): ?DateTimeImmutable
    {
        return $this->movedAt;
    }

    public function placeId(): ?string
    {
        return $this->placeId;
    }

    /** @return array{float, float, bool} °C, share of RH, and whether anybody measured that */
    private function air(): array
    {
        $around = $this->placeId === null ? null : $this->holdings->around($this->placeId, null)?->at($this->lately())->air;

        return $around === null
            ? [$this->practice->number('room_temperature'), $this->practice->number('room_rh') / 100.0, false]
            : [max(-20.0, $around->temperatureC), max(0.05, min(0.95, $around->rh / 100.0)), $around->isAirKnown && $around->isRhKnown];
    }

    /** The air as it was last recorded. */
    private function lately(): DateTimeImmutable
    {
        return new DateTimeImmutable('9999-12-31');
    }

    private function lies(?string $placeId, DriesWhere $where, ?DryingAid $aid, ?float $temperature, ?float $moisture, Entry $entry): void
    {
        [$this->placeId, $this->lies, $this->aid, $this->temperature, $this->movedAt] = [$placeId, $where, $aid, $temperature, $entry->happenedAt];
        $this->askOfSkins($where, $aid);
        $most = SeedHeat::most($this->crop->maxDryingTemperature, $moisture, $this->isWet);
        if ($temperature !== null && $temperature > $this->crop->maxDryingTemperature) {
            $this->doubt('temperature_c', sprintf('Above %s °C seed of %s is harmed, and the damper it is the sooner.', Show::count($this->crop->maxDryingTemperature), CropName::inSentence($this->crop->name)));
            $this->isOverheated = true;
        } elseif ($temperature !== null && $temperature > $most) {
            $this->doubt('temperature_c', sprintf($this->isWet ? 'Wet seed bears no more than %s °C itself.' : 'Seed of it bears no more than %s °C itself, and the damper it is the less.', Show::count($most)));
        } elseif ($temperature === null && $aid?->heats() === true) {
            $this->doubt('aid', sprintf('Hold a thermometer among the seed: more than %s °C harms it, and most ovens do not go so low.', Show::count($most)));
        }
    }

    /** Beans dried fast split their skins. */
    private function askOfSkins(DriesWhere $where, ?DryingAid $aid): void
    {
        if ($this->crop->leastMoisture !== null && ($where === DriesWhere::Sun || $aid?->heats() === true)) {
            $this->doubt($where === DriesWhere::Sun ? 'where' : 'aid', sprintf('Seed of %s dried fast splits its skin: out of the sun and without heat it stays whole.', CropName::inSentence($this->crop->name)));
        }
    }

    /** @return list<Task> before the dew, once for each day that it lies out */
    private function takeIn(): array
    {
        if (! $this->lies->isOut() || $this->movedAt === null) {
            return [];
        }
        $dew = $this->movedAt->setTime(self::DEW, 0);
        $dew = $dew > $this->movedAt ? $dew : Later::days($dew, 1);

        return [new Task(RackTask::TakeIn, Place::Racks, Later::hours($dew, -3), $dew, Later::hours($dew, 3), Loss::Seed)];
    }

    /** @return list<Task> */
    private function turn(): array
    {
        if (! $this->isWet || $this->isDryOutside || $this->spreadAt === null) {
            return [];
        }
        $last = $this->raked ?? $this->spreadAt;
        $isFirstDay = $last < Later::hours($this->spreadAt, self::FIRST_DAY);
        $best = self::byDay(Later::hours($last, $isFirstDay ? self::TURNED_EACH : self::TURNED_NEXT_DAY));
        $ends = Later::hours($this->spreadAt, self::DRY_OUTSIDE);

        return [new Task(RackTask::Turn, Place::Racks, Later::hours($best, -1), $best, max($ends, Later::hours($best, 4)), Loss::Seed, ['dry_by' => $ends->format('Y-m-d H:i')], null, Later::days($this->spreadAt, 4))];
    }

    /** Nobody gets up at night to turn seed. */
    private static function byDay(DateTimeImmutable $at): DateTimeImmutable
    {
        $hour = (int) $at->format('G');

        return match (true) {
            $hour >= self::ABED => Later::days($at, 1)->setTime(self::UP, 0),
            $hour < self::UP => $at->setTime(self::UP, 0),
            default => $at,
        };
    }

    private function mustLie(): void
    {
        if ($this->spreadAt === null || $this->where->place !== Place::Racks) {
            throw Misfit::outOfPlace('It does not lie on the racks, by what is recorded: spread it to dry first.');
        }
    }
}
