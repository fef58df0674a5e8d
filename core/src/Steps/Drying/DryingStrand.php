<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Drying;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropName;
use Marrow\Core\Drying\DryBy;
use Marrow\Core\Drying\Moisture;
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
use Marrow\Core\Work\Loss;
use Marrow\Core\Work\Offer;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\Task;
use Marrow\Core\Work\Whereabouts;

/**
 * The drying of a lot. Its dry matter never changes, so one moisture that is known (a starting moisture, or the RH
 * that a closed jar settles to) gives the moisture at every weighing.
 */
final class DryingStrand extends Strand
{
    /** Two weighings closer than this say nothing about a trend. */
    private const STEADY_HOURS = 20;

    /** So long its pace may take it to the end; what would take longer has stopped. */
    private const WAITS_DAYS = 10;

    /** It is looked at once a week at the least. */
    private const WEIGHED_DAYS = 7;

    /** Drying seed does not get heavier than this many times its first weight. */
    private const HEAVIEST = 1.25;

    public ?\DateTimeImmutable $spreadAt = null;

    /** @var list<array{at: \DateTimeImmutable, mass: float}> */
    private array $weighings = [];

    /** g without water, of what is weighed; null until a moisture is known */
    private ?float $dryMatter = null;

    private ?float $readMoisture = null;

    public ?MoistureBasis $basis = null;

    public ?\DateTimeImmutable $moistureKnownAt = null;

    /** Whether it was ever dried hotter than its kind bears, by what is recorded. */
    public bool $isOverheated = false;

    /** Share, of the last closed-jar reading. */
    public ?float $jarRh = null;

    public function __construct(
        private readonly Crop $crop,
        private readonly Whereabouts $where,
        private readonly OriginStrand $origin,
        private readonly CleaningStrand $cleaning,
        private readonly StockStrand $stock,
        private readonly Practice $practice,
    ) {
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
        if ($spread->temperatureC !== null && $spread->temperatureC > $this->crop->maxDryingTemperature) {
            $this->doubt('temperature_c', sprintf('Above %s °C seed of %s is harmed, and the damper it is the sooner.', Show::count($this->crop->maxDryingTemperature), CropName::inSentence($this->crop->name)));
            $this->isOverheated = true;
        }
        // Spread again, as after a damp jar: a new course begins.
        $this->spreadAt = $entry->happenedAt;
        $this->weighings = [];
        $this->forgetMoisture();
        if ($spread->massG !== null) {
            $this->weighings[] = ['at' => $entry->happenedAt, 'mass' => $spread->massG];
            if ($spread->moisture !== null) {
                $this->dryMatter = $spread->massG * (100.0 - $spread->moisture) / 100.0;
                $this->basis = MoistureBasis::StartingMoisture;
                $this->moistureKnownAt = $entry->happenedAt;
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
        $this->weighings = [];
        $this->forgetMoisture();
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
        if ($this->dryMatter !== null && $mass <= $this->dryMatter) {
            throw Misfit::at('mass_g', sprintf(
                'It cannot weigh %s g: by the moisture you gave, its dry matter alone is %s g. Was seed taken out, or was the starting moisture lower?',
                Show::grams($mass),
                Show::grams($this->dryMatter),
            ));
        }
        $first = $this->weighings[0]['mass'] ?? null;
        if ($first !== null && $mass > $first * self::HEAVIEST) {
            throw Misfit::at('mass_g', sprintf(
                'Drying seed gets lighter: it weighed %s g when it was spread, so %s g looks like a slip or another lot.',
                Show::grams($first),
                Show::grams($mass),
            ));
        }
        $this->weighings[] = ['at' => $entry->happenedAt, 'mass' => $mass];
    }

    #[Takes]
    public function jarRead(JarRead $read, Entry $entry): void
    {
        $this->cleaning->mustBeOut('closed in a jar to read its humidity', $entry);
        if (! $this->crop->bearsDrying()) {
            $this->doubt('rh', sprintf('%s is kept %s: the air of a jar tells nothing of it.', $this->crop->name, $this->crop->isKeptAlive() ? 'alive' : 'damp'));

            return;
        }
        try {
            $this->readMoisture = $this->crop->balance->moisture($read->rh / 100.0, $read->temperatureC);
        } catch (InvalidFigure $e) {
            throw Misfit::at($e->path === 'rh' ? 'rh' : 'temperature_c', $e->getMessage());
        }
        $this->jarRh = $read->rh / 100.0;
        $this->basis = MoistureBasis::JarRh;
        $this->moistureKnownAt = $entry->happenedAt;
        $last = $this->lastMass();
        $this->dryMatter = $last === null ? null : $last * (100.0 - $this->readMoisture) / 100.0;
    }

    /** Seed was taken out between two weighings: its share of the dry matter goes with it. */
    private function taken(float $mass): void
    {
        $last = $this->where->place === Place::Store ? null : $this->lastMass();
        if ($last === null || $mass >= $last) {
            return;
        }
        $share = 1.0 - $mass / $last;
        $this->dryMatter = $this->dryMatter === null ? null : $this->dryMatter * $share;
        $at = $this->weighings[count($this->weighings) - 1]['at'];
        $this->weighings[count($this->weighings) - 1] = ['at' => $at, 'mass' => $last * $share];
    }

    /** @return list<Weighing> */
    public function weighings(): array
    {
        return array_map(fn (array $weighing): Weighing => new Weighing(
            $weighing['at'],
            $weighing['mass'],
            $this->dryMatter === null ? null : 100.0 * (1.0 - $this->dryMatter / $weighing['mass']),
        ), $this->weighings);
    }

    public function lastMass(): ?float
    {
        return $this->weighings === [] ? null : $this->weighings[count($this->weighings) - 1]['mass'];
    }

    public function lastWeighedAt(): ?\DateTimeImmutable
    {
        return $this->weighings === [] ? null : $this->weighings[count($this->weighings) - 1]['at'];
    }

    /** Per cent of wet mass as last known, from the last weighing or the jar itself. */
    public function moisture(): ?float
    {
        $last = $this->lastMass();
        if ($this->dryMatter !== null && $last !== null) {
            return 100.0 * (1.0 - $this->dryMatter / $last);
        }

        return $this->readMoisture;
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
            $this->spreadAt === null => DryingVerdict::NotSpread,
            $this->isSteady() => DryingVerdict::Steady,
            default => DryingVerdict::Drying,
        };
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
            return $this->where->place === Place::Store ? [] : $this->cure();
        }
        if (! $this->crop->bearsDrying()) {
            return $this->cleaning->isClean() || $onRacks || $this->where->place === Place::Store ? $this->sowFresh() : [];
        }

        return match (true) {
            $onRacks => $this->racks(),
            $this->where->place === Place::Bench && $this->cleaning->isClean() => $this->spreadIt(),
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
            Place::Racks => $this->verdict() === DryingVerdict::DryEnough
                ? [Offer::of(JarRead::class, 20), Offer::of(Weighed::class, 25)]
                : [Offer::of(Weighed::class, 10), Offer::of(JarRead::class, 20)],
            Place::Store => [Offer::of(JarRead::class, 30), Offer::of(Spread::class, 60)],
            default => [Offer::of(Spread::class, $this->cleaning->isClean() ? 10 : 30)],
        };
    }

    /** @return list<Task> */
    private function spreadIt(): array
    {
        $since = $this->cleaning->since;
        if ($since === null) {
            return [];
        }

        return [$this->crop->isWetCleaned()
            ? new Task(DryingTask::SpreadWet, Place::Bench, $since, $since, Later::hours($since, 12), Loss::Seed)
            : new Task(DryingTask::SpreadDry, Place::Bench, $since, Later::days($since, 2), null, Loss::Nothing)];
    }

    /**
     * A kind that does not bear drying is sown, or kept damp as long as it bears that; where nobody knows how long, half its
     * ordinary life is the most that is safe.
     *
     * @return list<Task>
     */
    private function sowFresh(): array
    {
        $picked = $this->origin->lastAt();
        if ($picked === null) {
            return [];
        }
        $damp = $this->crop->damp;
        $days = $damp === null ? (int) ceil($this->crop->ordinaryYears * 365.25 / 2) : (int) round($damp->months * Later::DAYS_A_MONTH);

        return [new Task(DryingTask::SowFresh, $this->where->place, $picked, $picked, Later::days($picked, $days), Loss::Seed, ['days' => $days])];
    }

    /**
     * What is kept alive cures before it goes into store.
     *
     * @return list<Task>
     */
    private function cure(): array
    {
        $lifted = $this->origin->lastAt() ?? $this->origin->receivedAt;
        if ($lifted === null) {
            return [];
        }
        $ripening = $this->crop->ripening;

        return [new Task(DryingTask::Cure, $this->where->place, $lifted, Later::days($lifted, $ripening->restDaysMin), Later::days($lifted, $ripening->restDaysMax + 14), Loss::Seed)];
    }

    /** @return list<Task> */
    private function racks(): array
    {
        $last = $this->lastWeighedAt() ?? $this->spreadAt;
        if ($last === null || $this->spreadAt === null) {
            return [];
        }
        $figures = [
            'moisture' => $this->moisture(),
            'jar_moisture' => $this->crop->jarMoisture,
            'target_mass' => $this->targetMass(),
            'mass' => $this->lastMass(),
        ];
        if ($this->verdict() === DryingVerdict::DryEnough) {
            $known = $this->moistureKnownAt > $last ? $this->moistureKnownAt : $last;

            return [new Task(DryingTask::PutAway, Place::Racks, $known, Later::days($known, 1), Later::days($known, 14), Loss::Nothing, $figures)];
        }
        if ($this->verdict() === DryingVerdict::Stopped) {
            // In balance with the room: weighing it again shows nothing, until it lies somewhere drier.
            return [new Task(DryingTask::Stopped, Place::Racks, $last, Later::days($last, 1), null, Loss::Nothing, $figures, $last->format('Y-m-d'))];
        }
        if ($this->verdict() === DryingVerdict::Steady) {
            return [new Task(DryingTask::ReadJar, Place::Racks, $last, Later::days($last, 1), null, Loss::Nothing, $figures)];
        }
        // Wet seed changes by the hour at first; later a weighing every second day shows as much, or one when it should be dry.
        $early = $last < Later::days($this->spreadAt, 3) && $this->crop->isWetCleaned();
        $dryBy = $this->dryBy();
        $best = match (true) {
            $early => Later::days($last, 1),
            $dryBy !== null => max(Later::days($last, 1), min($dryBy->middle, Later::days($last, self::WEIGHED_DAYS))),
            default => Later::days($last, 2),
        };
        $figures += ['dry_from' => $dryBy?->early->format('Y-m-d'), 'dry_by' => $dryBy?->middle->format('Y-m-d'), 'dry_to' => $dryBy?->late?->format('Y-m-d')];

        return [new Task(DryingTask::Weigh, Place::Racks, Later::hours($best, -6), $best, null, Loss::Nothing, $figures)];
    }

    /** Whether the last two weighings differ by less than what still counts as steady: then seed is in balance with the room. */
    public function isSteady(): bool
    {
        $n = count($this->weighings);
        if ($n < 2) {
            return false;
        }
        [$before, $last] = [$this->weighings[$n - 2], $this->weighings[$n - 1]];
        $hours = ($last['at']->getTimestamp() - $before['at']->getTimestamp()) / 3600;
        if ($hours < self::STEADY_HOURS) {
            return false;
        }

        return ($before['mass'] - $last['mass']) / $before['mass'] / ($hours / 24) < $this->practice->number('steady_loss') / 100.0;
    }

    /** Whether at the pace of its last two weighings it would not be dry enough within some ten days more. */
    private function hasStopped(): bool
    {
        $n = count($this->weighings);
        $target = $this->targetMass();
        if ($target === null || ! $this->isSteady()) {
            return false;
        }
        [$before, $last] = [$this->weighings[$n - 2], $this->weighings[$n - 1]];
        $days = ($last['at']->getTimestamp() - $before['at']->getTimestamp()) / 86_400;

        return ($before['mass'] - $last['mass']) / $days * self::WAITS_DAYS < $last['mass'] - $target;
    }

    /** When it will be dry enough, by its last two weighings and the air of an ordinary room; null where that cannot be told. */
    public function dryBy(): ?DryBy
    {
        $n = count($this->weighings);
        $target = $this->targetMass();
        if ($n < 2 || $target === null || $this->dryMatter === null || $this->verdict() !== DryingVerdict::Drying) {
            return null;
        }

        return DryBy::of($this->weighings[$n - 2], $this->weighings[$n - 1], $this->dryMatter, $target, $this->crop->balance, $this->practice->number('room_rh') / 100.0, $this->practice->number('room_temperature'));
    }

    private function forgetMoisture(): void
    {
        $this->dryMatter = null;
        $this->readMoisture = null;
        $this->basis = null;
        $this->moistureKnownAt = null;
        $this->jarRh = null;
    }
}
