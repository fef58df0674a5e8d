<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Drying;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropName;
use Marrow\Core\Drying\DryBy;
use Marrow\Core\Drying\DryingCourse;
use Marrow\Core\Drying\Evidence;
use Marrow\Core\Drying\Moisture;
use Marrow\Core\Drying\MoistureReading;
use Marrow\Core\Drying\WeighedCourse;
use Marrow\Core\Drying\Witness;
use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Fields\Show;
use Marrow\Core\Folding\Misfit;
use Marrow\Core\Folding\Strand;
use Marrow\Core\Folding\Takes;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Cleaning\CleaningStrand;
use Marrow\Core\Steps\Cleaning\LaidWithGel;
use Marrow\Core\Steps\Origin\OriginStrand;
use Marrow\Core\Steps\Stock\StockStrand;
use Marrow\Core\Steps\Treating\Bathed;
use Marrow\Core\Work\Later;
use Marrow\Core\Work\Offer;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\Whereabouts;

/**
 * The drying of a lot. Its dry matter never changes, so one moisture that is known (a starting moisture, or the RH
 * that a closed jar settles to) gives the moisture at every weighing.
 */
final class DryingStrand extends Strand
{
    /** So long its pace may take it to the end; what would take longer has stopped. */
    private const WAITS_DAYS = 10;

    /** Days within which a weighing and a jar are of seed as dry as it was. */
    private const TOGETHER_DAYS = 2;

    /** Drying seed does not get heavier than this many times its first weight. */
    private const HEAVIEST = 1.25;

    public ?\DateTimeImmutable $spreadAt = null;

    private readonly Weighings $weighed;

    private readonly BeforeDrying $before;

    private readonly RackWork $work;

    public readonly Dampness $dampness;

    public function __construct(
        private readonly Crop $crop,
        private readonly Whereabouts $where,
        private readonly OriginStrand $origin,
        private readonly CleaningStrand $cleaning,
        private readonly StockStrand $stock,
        private readonly RackStrand $rack,
        private readonly Practice $practice,
    ) {
        $this->dampness = new Dampness($crop->balance);
        $this->weighed = new Weighings;
        $this->before = new BeforeDrying($crop, $where, $origin, $cleaning);
        $this->work = new RackWork($this, $crop, $rack, $this->weighed, $practice);
        $stock->whenTaken($this->taken(...));
    }

    #[Takes]
    public function spread(Spread $spread, Entry $entry): void
    {
        $this->cleaning->mustBeOut('spread to dry', $entry);
        $this->origin->mustHold($spread->massG, 'Seed spread to dry');
        // Cloves and tubers do lie airy while they cure.
        if (! $this->crop->bearsDrying() && ! $this->crop->isKeptAlive()) {
            $this->doubt('surface', sprintf('Seed of %s dies when it dries.', CropName::inSentence($this->crop->name)));
        }
        // Spread again, as after a damp jar: a new course begins.
        $this->spreadAt = $entry->happenedAt;
        $this->weighed->forget();
        $this->dampness->forget();
        if ($spread->massG !== null) {
            $this->weighed->add($entry->happenedAt, $spread->massG);
            if ($spread->moisture !== null) {
                $this->dampness->read(MoistureReading::weighed($spread->moisture, $spread->massG, $spread->massG), $spread->massG, $entry->happenedAt);
            }
        }
        $this->where->place = Place::Racks;
        $this->cleaning->leave();
    }

    /** Laid on paper with its gel on it dries where it lies. */
    #[Takes]
    public function laidWithGel(LaidWithGel $laid, Entry $entry): void
    {
        $this->spread(new Spread(DryingSurface::Paper, null, null), $entry);
    }

    /** What was known of its water is washed away. */
    #[Takes]
    public function bathed(Bathed $bathed): void
    {
        $this->weighed->forget();
        $this->dampness->forget();
    }

    #[Takes]
    public function weighed(Weighed $weighed, Entry $entry): void
    {
        $mass = $weighed->massG;
        if ($this->where->place === Place::Store) {
            throw Misfit::outOfPlace('This lot is in store. Spread it again if it is to dry on, or record a withdrawal if seed was taken.');
        }
        if ($this->spreadAt === null) {
            throw Misfit::outOfPlace('Spread the seed to dry first; its weighings belong to the racks.');
        }
        $dryMatter = $this->dampness->dryMatter();
        if ($dryMatter !== null && $mass <= $dryMatter) {
            throw Misfit::at('mass_g', sprintf(
                'It cannot weigh %s g: by the moisture you gave, its dry matter alone is %s g. Was seed taken out, or was the starting moisture lower?',
                Show::grams($mass),
                Show::grams($dryMatter),
            ));
        }
        $first = $this->weighed->first();
        if ($first !== null && $mass > $first * self::HEAVIEST) {
            throw Misfit::at('mass_g', sprintf(
                'Drying seed gets lighter: it weighed %s g when it was spread, so %s g looks like a slip or another lot.',
                Show::grams($first),
                Show::grams($mass),
            ));
        }
        $this->weighed->add($entry->happenedAt, $mass);
        if ($this->dampness->readAt !== null && $entry->happenedAt <= Later::days($this->dampness->readAt, self::TOGETHER_DAYS)) {
            $this->dampness->weighedThen($mass);
        }
    }

    #[Takes]
    public function jarRead(JarRead $read, Entry $entry): void
    {
        $rh = $read->rh / 100.0;
        $this->readInJar('rh', $entry, fn (): MoistureReading => $read->isRough() ? MoistureReading::roughJar($this->crop->balance, $rh, $read->temperatureC) : MoistureReading::jar($this->crop->balance, $rh, $read->temperatureC));
    }

    #[Takes]
    public function cardRead(CardRead $read, Entry $entry): void
    {
        $this->readInJar('dry_from', $entry, fn (): MoistureReading => MoistureReading::card($this->crop->balance, $read->reading(), $read->temperatureC));
    }

    /** @param  \Closure(): MoistureReading  $reading */
    private function readInJar(string $field, Entry $entry, \Closure $reading): void
    {
        $this->cleaning->mustBeOut('closed in a jar to read its humidity', $entry);
        if (! $this->crop->bearsDrying()) {
            $this->doubt($field, sprintf('%s is kept %s: the air of a jar tells nothing of it.', $this->crop->name, $this->crop->isKeptAlive() ? 'alive' : 'damp'));

            return;
        }
        if ($this->rack->isShutIn) {
            $this->doubt($field, 'With a desiccant in it the air of the jar is that of the desiccant, and says nothing of the seed: it is kept, and not gone by. Take the desiccant out, and read a day later.');

            return;
        }
        try {
            $this->dampness->read($reading(), $this->weighedAbout($entry->happenedAt), $entry->happenedAt);
        } catch (InvalidFigure $e) {
            throw Misfit::at($e->path === 'temperature' ? 'temperature_c' : $field, $e->getMessage());
        }
    }

    /** @return ?float g that it weighs about then; null where it was weighed so long before that it has dried since */
    public function weighedAbout(\DateTimeImmutable $at): ?float
    {
        $last = $this->lastWeighedAt();

        return $last !== null && ($at <= Later::days($last, self::TOGETHER_DAYS) || $this->isSteady()) ? $this->lastMass() : null;
    }

    #[Takes]
    public function handTried(HandTried $tried, Entry $entry): void
    {
        $this->cleaning->mustBeOut('tried for how dry it is', $entry);
        $answers = $this->crop->handSigns();
        foreach ($tried->results() as $result) {
            if (in_array($result->sign(), $answers, true)) {
                $this->dampness->tried($result, $entry->happenedAt);
            } else {
                $this->doubt($result->sign()->value, sprintf('That sign tells nothing of %s: it is kept, and not gone by.', CropName::inSentence($this->crop->name)));
            }
        }
    }

    /**
     * Water went out of it that was weighed elsewhere: in the desiccant that took it.
     *
     * @param  float  $water  g; no more than what would leave it dry counts
     */
    public function lost(float $water, \DateTimeImmutable $at): void
    {
        $last = $this->lastMass();
        $dry = $this->dampness->dryMatter();
        if ($last !== null && $water > 0.0 && $last - $water > ($dry ?? 0.5 * $last)) {
            $this->weighed->add($at, $last - $water);
        }
    }

    /** It was dried on by something that nobody weighed: what was read of it before is no longer so. */
    public function driedUnseen(): void
    {
        $this->dampness->forget();
    }

    /** Whether it was in water so lately that it is still wet within. */
    public function isStillWet(\DateTimeImmutable $at): bool
    {
        return $this->cleaning->wetAt !== null && $at < Later::hours($this->cleaning->wetAt, Evidence::DRY_WITHIN_HOURS);
    }

    /** Seed was taken out between two weighings: its share of the dry matter goes with it. */
    private function taken(float $mass): void
    {
        $last = $this->where->place === Place::Store ? null : $this->lastMass();
        if ($last === null || $mass >= $last) {
            return;
        }
        $share = 1.0 - $mass / $last;
        $this->dampness->shrunk($share);
        $this->weighed->shrunk($share);
    }

    /** @return list<Weighing> */
    public function weighings(): array
    {
        return array_map(fn (array $weighing): Weighing => new Weighing(
            $weighing['at'],
            $weighing['mass'],
            $this->dampness->dryMatter() === null ? null : 100.0 * (1.0 - $this->dampness->dryMatter() / $weighing['mass']),
        ), $this->weighed->all());
    }

    public function lastMass(): ?float
    {
        return $this->weighed->last();
    }

    public function lastWeighedAt(): ?\DateTimeImmutable
    {
        return $this->weighed->lastAt();
    }

    /** Per cent of wet mass as last read, and weighed since; of what is only known within limits the damp one. */
    public function moisture(): ?float
    {
        return $this->dampness->reading($this->lastMass())?->counted();
    }

    /** All that is known of how moist it is, weighed together; null while nobody read or tried anything. */
    public function evidence(): ?Evidence
    {
        return $this->dampness->evidence($this->lastMass(), $this->where->place === Place::Racks && ! $this->rack->wasShutIn ? $this->rack->course() : null, $this->rack->since());
    }

    /** What it is known by; null while no moisture is. */
    public function basis(): ?Witness
    {
        return $this->dampness->by();
    }

    public function moistureKnownAt(): ?\DateTimeImmutable
    {
        return $this->dampness->readAt;
    }

    /** g at which the seed may be jarred; null while no moisture is known */
    public function targetMass(): ?float
    {
        $moisture = $this->moisture();
        $last = $this->lastMass();
        if ($moisture === null || $last === null || $moisture < Moisture::MIN || $moisture > Moisture::MAX) {
            return null;
        }

        return $this->crop->jarMoisture === null ? null : Moisture::targetMass($last, $moisture, $this->crop->jarMoisture);
    }

    public function verdict(): DryingVerdict
    {
        $moisture = $this->moisture();

        return match (true) {
            $this->crop->jarMoisture === null => DryingVerdict::MustNotDry,
            // Lost on the racks, or given away from them: there is nothing left to dry.
            $this->where->place === Place::Racks && $this->stock->stock->isUsedUp() => DryingVerdict::Left,
            // To the tenth of a per cent, as it is shown: no scale in a kitchen knows better.
            $moisture !== null && round($moisture, 1) <= $this->crop->jarMoisture => DryingVerdict::DryEnough,
            $this->where->place === Place::Store => DryingVerdict::Left,
            $moisture !== null && $this->hasStopped() => DryingVerdict::Stopped,
            $moisture !== null => DryingVerdict::Drying,
            $this->isDryByHand() => DryingVerdict::ByHand,
            $this->spreadAt === null => DryingVerdict::NotSpread,
            $this->isSteady() => DryingVerdict::Steady,
            default => DryingVerdict::Drying,
        };
    }

    /** As dry as a hand can tell, and it was not wet so lately that it is so outside only. */
    private function isDryByHand(): bool
    {
        $tried = $this->dampness->triedAt();

        return $tried !== null && $this->crop->jarMoisture !== null && ! $this->isDampInside() && $this->evidence()?->isProbablyDry($this->crop->jarMoisture) === true;
    }

    /** Whether the hand tried it so soon after it was wet that it may be dry outside only. */
    public function isDampInside(): bool
    {
        $tried = $this->dampness->triedAt();

        return $tried !== null && $this->isStillWet($tried);
    }

    public static function taskKinds(): string
    {
        return DryingTask::class;
    }

    public function wants(): array
    {
        if (! $this->origin->hasBegun() || $this->stock->stock->isUsedUp()) {
            return [];
        }
        $onRacks = $this->where->place === Place::Racks;
        if ($this->crop->isKeptAlive()) {
            return $this->where->place === Place::Store ? [] : $this->before->cure();
        }
        if (! $this->crop->bearsDrying()) {
            return $this->cleaning->isClean() || $onRacks || $this->where->place === Place::Store ? $this->before->sowFresh() : [];
        }

        return match (true) {
            $onRacks => $this->work->wants(),
            $this->where->place === Place::Bench && $this->cleaning->isClean() => $this->before->spreadIt(),
            default => [],
        };
    }

    public function offers(): array
    {
        // What dies when it dries is not put on a rack.
        if (! $this->cleaning->isOut() || $this->stock->stock->isUsedUp() || ! $this->crop->bearsDrying()) {
            return [];
        }

        return match ($this->where->place) {
            Place::Racks => $this->work->offers(),
            Place::Store => [Offer::of(JarRead::class, 30), Offer::of(CardRead::class, 31), Offer::of(Spread::class, 60)],
            default => [$this->practice->wordFor('dry_out', $this->crop->key) === 'sun'
                ? Offer::of(Spread::class, $this->cleaning->isClean() ? 10 : 30)->usually('where', DriesWhere::Sun->value)
                : Offer::of(Spread::class, $this->cleaning->isClean() ? 10 : 30)],
        };
    }

    /** Whether it is in balance with the room, by its last two weighings. */
    public function isSteady(): bool
    {
        return ! $this->rack->isShutIn && $this->weighed->isSteady($this->practice->number('steady_loss') / 100.0);
    }

    /** Whether at the pace of its last two weighings it would not be dry enough within some ten days more. */
    private function hasStopped(): bool
    {
        $target = $this->targetMass();

        return $target !== null && ! $this->rack->isShutIn && $this->isSteady() && $this->weighed->pace() * self::WAITS_DAYS < $this->weighed->last() - $target;
    }

    /** When it will be dry enough, as it lies; null where that cannot be told. */
    public function dryBy(): ?DryBy
    {
        [$from, $course] = $this->verdict() === DryingVerdict::Drying ? $this->course() ?? [null, null] : [null, null];

        return $from === null || $course === null || $this->crop->jarMoisture === null ? null : DryBy::of($course, $from, $this->crop->jarMoisture);
    }

    /**
     * How it dries as it lies open: by its last two weighings and the air it lies in, else by that air alone.
     *
     * @return ?array{\DateTimeImmutable, DryingCourse} from when on; null where that cannot be told
     */
    public function course(): ?array
    {
        $air = $this->where->place === Place::Racks ? $this->rack->course() : null;
        if ($air === null) {
            return null;
        }
        [$two, $dryMatter] = [$this->weighed->lastTwo(), $this->dampness->dryMatter()];
        if ($two !== null && $dryMatter !== null) {
            $course = WeighedCourse::of($two[0], $two[1], $dryMatter, $this->crop->balance, $air);

            return $course === null ? null : [$two[1]['at'], $course];
        }
        $since = $this->rack->since();

        // What was read says more than the air does, which knows nothing of what gel took.
        return $this->moisture() !== null || $since === null || $this->rack->wasShutIn ? null : [$since, $air];
    }

    /** Whether the air of its place, as it was measured, makes it no drier than a jar wants, whatever happens there. */
    public function isTooDampHere(): bool
    {
        $course = $this->rack->course();

        return $course !== null && $course->isAirKnown && $this->crop->jarMoisture !== null && $course->stopsAt() > $this->crop->jarMoisture + $this->crop->balance->ground->within();
    }
}
