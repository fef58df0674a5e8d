<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Storing;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\SeedPest;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Show;
use Marrow\Core\Folding\Misfit;
use Marrow\Core\Folding\Strand;
use Marrow\Core\Folding\Takes;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Cleaning\CleaningStrand;
use Marrow\Core\Steps\Drying\DryingStrand;
use Marrow\Core\Steps\Drying\DryingVerdict;
use Marrow\Core\Steps\Drying\JarRead;
use Marrow\Core\Steps\Drying\Spread;
use Marrow\Core\Steps\Holding\Holdings;
use Marrow\Core\Steps\Holding\Surroundings;
use Marrow\Core\Steps\Origin\OriginStrand;
use Marrow\Core\Steps\Stock\SampleWeighed;
use Marrow\Core\Steps\Stock\StockStrand;
use Marrow\Core\Steps\Stock\Withdrawn;
use Marrow\Core\Steps\Testing\TestStarted;
use Marrow\Core\Steps\Treating\Bathed;
use Marrow\Core\Steps\Treating\TreatingStrand;
use Marrow\Core\Storage\AgeingSegment;
use Marrow\Core\Storage\ViabilityConstants;
use Marrow\Core\Work\Later;
use Marrow\Core\Work\Loss;
use Marrow\Core\Work\Offer;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\Task;
use Marrow\Core\Work\Whereabouts;

/** Where a lot has been kept, how moist it is there, and how fast it aged in each place. */
final class StoringStrand extends Strand
{
    /** A little more than was last weighed is another scale, or damp weather; much more is another lot. */
    private const HEAVIER = 1.05;

    /** The lot's only container, as long as nobody named another. */
    private const ONLY = '';

    /** °C; below it the water in seed freezes. */
    private const FREEZING = -5.0;

    /** @var array<string, Kept> by id of the container; a lot may lie in several */
    public array $containers = [];

    /** The one in which it ages fastest, where it lies in several; null while it is not in store. */
    public ?Kept $now = null;

    public ?\DateTimeImmutable $since = null;

    /** @var list<array{from: \DateTimeImmutable, moisture: float, temperature: float}> while it was out of every container again */
    private array $before = [];

    /** Per cent of wet mass as the seed is kept now. */
    public ?float $moisture = null;

    public ?MoistureGround $ground = null;

    public function __construct(
        private readonly Crop $crop,
        private readonly Whereabouts $where,
        private readonly OriginStrand $origin,
        private readonly CleaningStrand $cleaning,
        private readonly StockStrand $stock,
        private readonly DryingStrand $drying,
        private readonly TreatingStrand $treating,
        private readonly Holdings $holdings,
        private readonly Practice $practice,
    ) {}

    #[Takes]
    public function stored(Stored $stored, Entry $entry): void
    {
        $this->cleaning->mustBeOut('stored', $entry);
        $around = $this->aroundOf($stored) ?? throw Misfit::at('place_id', 'Say where it was put.');
        $this->pass($entry->happenedAt);
        $last = $this->drying->lastMass();
        if ($this->now === null && $stored->massG !== null && $last !== null && $stored->massG > $last * self::HEAVIER) {
            throw Misfit::at('mass_g', sprintf(
                'On the racks it last weighed %s g; %s g cannot have gone into store.',
                Show::grams($last),
                Show::grams($stored->massG),
            ));
        }
        $this->origin->mustHold($stored->massG, 'Seed in store');
        $id = $stored->into ?? self::ONLY;
        $was = $this->containers[$id] ?? null;
        // Put away a second time, into another container than before, it lies in both; nothing is written over.
        $from = $was ?? $this->rest() ?? $this->now;
        $kept = $this->kept($stored->container, $around, $entry->happenedAt, $stored->inside);
        [$moisture, $ground] = $this->moistureIn($kept, $from);
        $this->mayFreeze($kept, $moisture, $ground);
        if ($stored->massG !== null || $stored->seeds !== null) {
            $this->counted($stored, $was);
        } elseif (! $this->stock->stock->isKnown()) {
            $this->doubt('seeds', 'How much there is is not known: count the seeds, or weigh them, if you can.');
        }
        if ($this->crop->isKeptAlive() && $stored->container->isTight()) {
            $this->doubt('container', sprintf('%s is kept alive: shut in tight it sweats and rots.', $this->crop->name));
        }
        if ($from !== null && $from->container !== $stored->container) {
            $this->openEarly($from, $entry);
        }
        if ($stored->againstInsects) {
            $this->againstInsects($kept);
        }
        $kept->part = $was === null && $this->containers !== [] ? (float) ($stored->seeds ?? 0) : $was?->part;
        $this->put($id, $kept, $from, $moisture, $ground, $entry);
        $this->cleaning->leave();
    }

    /** Some of it goes into a container of its own; the rest stays where it is. */
    #[Takes]
    public function divided(Divided $divided, Entry $entry): void
    {
        $this->pass($entry->happenedAt);
        $from = $this->rest() ?? $this->now ?? throw Misfit::outOfPlace('It is not in store yet: put it away first, then some of it elsewhere.');
        $around = $this->holdings->around($divided->placeId, $divided->inside) ?? throw Misfit::at('place_id', 'Say where it was put.');
        $seeds = $divided->seeds ?? (float) $divided->massG * 1000 / $this->stock->stock->tsm();
        $left = $this->left();
        if ($left !== null && ! $this->stock->stock->isRough() && $seeds > $left + 0.5) {
            throw Misfit::at($divided->seeds === null ? 'mass_g' : 'seeds', sprintf('Only %s are left there: there cannot be more in the packets than in the lot.', Show::count(floor($left)).' seeds'));
        }
        $kept = $this->kept($divided->container, $around, $entry->happenedAt, $divided->inside);
        [$moisture, $ground] = $this->moistureIn($kept, $from);
        $this->mayFreeze($kept, $moisture, $ground);
        $this->openEarly($from, $entry);
        $kept->part = (float) $seeds;
        $this->put($divided->into ?? $entry->id, $kept, $from, $moisture, $ground, $entry);
    }

    /** A closed-jar reading of seed that is in store already tells how moist it really is. */
    #[Takes]
    public function jarRead(JarRead $read, Entry $entry): void
    {
        $this->pass($entry->happenedAt);
        $moisture = $this->drying->moisture();
        $kept = $this->now;
        if ($kept === null || ! $kept->container->isTight() || $moisture === null) {
            return;
        }
        $this->openEarly($kept, $entry);
        $kept->measured($moisture, MoistureGround::Measured, $entry->happenedAt);
        $this->lead();
    }

    /** Bathed, it is dried in the room again; how far, in something tight, nobody knows before a jar is read. */
    #[Takes]
    public function bathed(Bathed $bathed, Entry $entry): void
    {
        $this->pass($entry->happenedAt);
        foreach ($this->containers as $kept) {
            if ($kept->isShut && $this->crop->bearsDrying()) {
                $kept->measured($this->roomMoisture(), MoistureGround::Assumed, $entry->happenedAt);
            }
        }
        $this->lead();
    }

    /** The seed went back to the racks. */
    #[Takes]
    public function spread(Spread $spread, Entry $entry): void
    {
        $this->pass($entry->happenedAt);
        $kept = $this->now;
        if ($kept === null) {
            return;
        }
        $this->openEarly($kept, $entry);
        $this->before = [...$kept->stays, ['from' => $entry->happenedAt, 'moisture' => $this->roomMoisture(), 'temperature' => $this->practice->number('room_temperature')]];
        $this->containers = [];
        $this->lead();
    }

    #[Takes]
    public function opened(Opened $opened, Entry $entry): void
    {
        $this->touched($entry);
    }

    #[Takes]
    public function withdrawn(Withdrawn $withdrawn, Entry $entry): void
    {
        $this->touched($entry);
        // What is taken from one of its packets leaves the others as they were.
        $kept = $withdrawn->container === null ? null : $this->containers[$withdrawn->container] ?? null;
        if ($kept?->part !== null) {
            $kept->part = max(0.0, $kept->part - ($withdrawn->seeds ?? (float) $withdrawn->massG * 1000 / $this->stock->stock->tsm()));
        }
    }

    /** What was found there is what there is; what was thought before was wrong, or something happened that nobody wrote down. */
    #[Takes]
    public function seen(Seen $seen, Entry $entry): void
    {
        $this->pass($entry->happenedAt);
        $kept = ($seen->container === null ? null : $this->containers[$seen->container] ?? null) ?? $this->rest() ?? $this->now;
        if ($kept === null) {
            throw Misfit::outOfPlace('It is not in store, so there is no place to look for it in.');
        }
        if (! $seen->gone && $seen->seeds === null && $seen->massG === null) {
            return;
        }
        if (count($this->containers) === 1) {
            $this->stock->filled($seen->massG, $seen->gone ? 0 : $seen->seeds);

            return;
        }
        $found = $seen->gone ? 0.0 : $seen->seeds ?? (float) $seen->massG * 1000 / $this->stock->stock->tsm();
        $others = array_filter($this->shares(), fn (string|int $id): bool => $this->containers[$id] !== $kept, ARRAY_FILTER_USE_KEY);
        if ($kept->part !== null) {
            $kept->part = (float) $found;
        }
        if (! in_array(null, $others, true)) {
            $this->stock->filled(null, (int) round(array_sum($others) + $found));
        }
    }

    #[Takes]
    public function testStarted(TestStarted $test, Entry $entry): void
    {
        $this->touched($entry);
    }

    #[Takes]
    public function sampled(SampleWeighed $sample, Entry $entry): void
    {
        $this->touched($entry);
    }

    /** What happened around its containers after the last of its own entries. */
    public function settle(): void
    {
        $this->pass(null);
    }

    public static function taskKinds(): string
    {
        return StoringTask::class;
    }

    public function wants(): array
    {
        $shut = array_values(array_filter(array_map(self::wantsOf(...), $this->stock->stock->isUsedUp() ? [] : array_values($this->containers))));
        // What is wet is spread before a jar is read.
        if ($this->since === null || $this->stock->stock->isUsedUp() || ! $this->crop->bearsDrying() || $this->treating->isWet()) {
            return $shut;
        }
        $jar = $this->crop->jarMoisture;
        if ($this->isShutInDamp()) {
            $known = $this->drying->moistureKnownAt > $this->since ? $this->drying->moistureKnownAt : $this->since;

            return [...$shut, new Task(StoringTask::OpenDampJar, Place::Store, $known, $known, Later::days($known, 1), Loss::Seed, ['moisture' => $this->moisture, 'jar_moisture' => $jar, 'ground' => $this->ground?->value])];
        }
        if ($this->ground === MoistureGround::Assumed || ($this->ground === MoistureGround::Carried && $this->now?->container->isTight() === true)) {
            return [...$shut, new Task(StoringTask::ReadStoredJar, Place::Store, Later::days($this->since, 1), Later::days($this->since, 2), null, Loss::Nothing, ['jar_moisture' => $jar])];
        }

        return $shut;
    }

    private static function wantsOf(Kept $kept): ?Task
    {
        if ($kept->outAt !== null) {
            return new Task(StoringTask::TakeOutOfCold, Place::Store, $kept->outAt, $kept->outAt, null, Loss::Nothing, ['container' => $kept->container->label(), 'place' => $kept->at->name]);
        }

        return $kept->coldUntil === null || $kept->warmingSince === null
            ? null
            : new Task(StoringTask::LeaveShut, Place::Store, $kept->warmingSince, $kept->warmingSince, $kept->coldUntil, Loss::Seed, ['until' => $kept->coldUntil->format('Y-m-d H:i'), 'container' => $kept->container->label(), 'place' => $kept->at->name], lapses: $kept->coldUntil);
    }

    public function offers(): array
    {
        if (! $this->cleaning->isOut()) {
            return [];
        }
        $rank = match (true) {
            $this->where->place === Place::Store => 50,
            $this->where->place === Place::Racks && $this->drying->verdict() === DryingVerdict::DryEnough => 10,
            $this->origin->cameClean() => 5,
            default => 30,
        };
        $offer = Offer::of(Stored::class, $rank);
        if ($this->crop->isKeptAlive()) {
            $offer = $offer->usually('container', ContainerKind::ClothBag->value);
        }
        $main = $this->rest() ?? $this->now;
        if ($main === null) {
            return [$offer];
        }
        // Moved, it stays in what it is in, unless the keeper says otherwise.
        $offer = $offer->usually('container', $main->container->value)->usually('place_id', $main->inside ?? $main->placeId)->calledHere('Move it');
        $divide = $this->stock->stock->isUsedUp() || $this->crop->isKeptAlive() ? [] : [Offer::of(Divided::class, 55)];
        $seen = [Offer::of(Seen::class, 70)];
        $open = array_filter($this->containers, static fn (Kept $kept): bool => $kept->coldUntil !== null) === [] ? [] : [Offer::of(Opened::class, 45)];

        // What is first to be done stands first.
        return [$offer, ...$divide, ...$open, ...$seen, ...($this->isShutInDamp() ? [Offer::of(Spread::class, 5)] : [])];
    }

    /** Whether it stands closed in tight at a moisture at which it will mould. */
    public function isShutInDamp(): bool
    {
        return $this->now?->isShut === true
            && ($this->ground === MoistureGround::Measured || $this->ground === MoistureGround::Carried)
            && $this->crop->jarMoisture !== null
            && $this->moisture > $this->crop->jarMoisture + $this->practice->number('damp_margin');
    }

    /** Whether it bears the cold of such a place as it is kept now; null where nobody has measured that it is dry enough. */
    public function bearsCold(StoredAt $air): ?bool
    {
        if ($air->temperatureC > self::FREEZING || $this->now === null) {
            return true;
        }
        if (! $this->crop->bearsDrying() || $this->crop->isKeptAlive()) {
            return false;
        }

        return $this->ground === MoistureGround::Measured && $this->moisture !== null && $this->crop->jarMoisture !== null && $this->moisture <= $this->crop->jarMoisture + $this->practice->number('damp_margin') ? true : null;
    }

    /** Seeds that are not in one of its packets; null where nobody knows how many there are. */
    public function left(): ?float
    {
        $all = $this->stock->stock->seeds();

        return $all === null ? null : max(0.0, $all - array_sum(array_map(static fn (Kept $kept): float => $kept->part ?? 0.0, $this->containers)));
    }

    /** @return array<string, ?float> seeds in each of its containers, by id; null where nobody knows: together what the lot has */
    public function shares(): array
    {
        $all = $this->stock->stock->seeds();
        $shares = [];
        $left = $all;
        foreach ($this->containers as $id => $kept) {
            if ($kept->part !== null) {
                $shares[$id] = $left === null ? $kept->part : min($kept->part, $left);
                $left = $left === null ? null : max(0.0, $left - $kept->part);
            }
        }
        foreach ($this->containers as $id => $kept) {
            if ($kept->part === null) {
                $shares[$id] = $left;
            }
        }

        return $shares;
    }

    /**
     * The paces at which the lot has aged since $from, the last one without end; ordinary room air before it was stored.
     *
     * @return list<AgeingSegment>|null null when a stay lies outside what the equation is trusted for (too damp, too hot)
     */
    public function segmentsSince(\DateTimeImmutable $from, ViabilityConstants $constants): ?array
    {
        $room = ['from' => $from, 'moisture' => $this->roomMoisture(), 'temperature' => $this->practice->number('room_temperature')];
        $stays = [$room, ...$this->now->stays ?? $this->before];
        $segments = [];
        foreach ($stays as $i => $stay) {
            $next = $stays[$i + 1]['from'] ?? null;
            if ($next !== null && $next <= $from) {
                continue;
            }
            if ($stay['moisture'] > ViabilityConstants::MAX_MOISTURE
                || $stay['temperature'] > ViabilityConstants::MAX_TEMPERATURE
                || $stay['temperature'] < ViabilityConstants::MIN_TEMPERATURE) {
                return null;
            }
            // Drier than the equation's floor gains nothing more (Ellis & Roberts's low-moisture limit).
            $moisture = max(ViabilityConstants::MIN_MOISTURE, $stay['moisture']);
            $start = $stay['from'] > $from ? $stay['from'] : $from;
            $segments[] = new AgeingSegment($start, $constants->sigma($moisture, $stay['temperature']), $constants->awayFromCupboard($moisture));
        }

        return $this->withBaths($segments, $from);
    }

    /**
     * A bath in hot water ages seed in an hour as much as it costs.
     *
     * @param  list<AgeingSegment>  $segments
     * @return list<AgeingSegment>
     */
    private function withBaths(array $segments, \DateTimeImmutable $from): array
    {
        foreach ($this->treating->baths as $bath) {
            if ($bath->at < $from || $bath->cost <= 0.0) {
                continue;
            }
            $over = $bath->at->modify('+1 hour');
            $before = array_values(array_filter($segments, static fn (AgeingSegment $segment): bool => $segment->from <= $bath->at));
            $after = array_values(array_filter($segments, static fn (AgeingSegment $segment): bool => $segment->from > $bath->at));
            $then = $before[count($before) - 1] ?? null;
            $segments = [
                ...$before,
                new AgeingSegment($bath->at, 1 / 24 / $bath->cost),
                ...($then === null || ($after !== [] && $after[0]->from <= $over) ? [] : [new AgeingSegment($over, $then->sigmaDays, $then->away)]),
                ...$after,
            ];
        }

        return $segments;
    }

    private function aroundOf(Stored $stored): ?Surroundings
    {
        $known = $this->holdings->around($stored->placeId, $stored->inside);
        if ($known !== null) {
            return $known;
        }

        return $stored->place === '' || $stored->temperatureC === null || $stored->rh === null ? null : Surroundings::still(new StoredAt($stored->place, $stored->temperatureC, $stored->rh));
    }

    private function kept(ContainerKind $container, Surroundings $around, \DateTimeImmutable $at, ?string $inside): Kept
    {
        return new Kept($this->crop, $this->roomMoisture(), $container, $around, $at, $inside);
    }

    /** The container that holds what is in none of the others. */
    private function rest(): ?Kept
    {
        foreach ($this->containers as $kept) {
            if ($kept->part === null) {
                return $kept;
            }
        }

        return null;
    }

    private function put(string $id, Kept $kept, ?Kept $from, ?float $moisture, ?MoistureGround $ground, Entry $entry): void
    {
        $kept->stays = $from->stays ?? $this->before;
        // What must not dry is in balance with nothing: it is kept damp, or alive.
        $this->crop->bearsDrying() ? $kept->fill($moisture, $ground) : $kept->fill(null, null);
        if ($from !== null) {
            $kept->cameFrom($from->at, $entry->happenedAt);
        }
        $this->containers[$id] = $kept;
        $this->where->place = Place::Store;
        $this->lead();
    }

    /** What was counted or weighed as it went in: all of the lot, or of one of its packets. */
    private function counted(Stored $stored, ?Kept $was): void
    {
        $others = array_sum(array_map(static fn (Kept $kept): float => $kept === $was ? 0.0 : $kept->part ?? 0.0, $this->containers));
        if ($others > 0.0 || ($was === null && $this->containers !== [])) {
            return;
        }
        $this->stock->filled($stored->massG, $stored->seeds);
    }

    /** What happened around its containers meanwhile. */
    private function pass(?\DateTimeImmutable $until): void
    {
        foreach ($this->containers as $kept) {
            $kept->pass($until);
        }
        $this->lead();
    }

    /** The container in which it ages fastest tells how long the lot lasts. */
    private function lead(): void
    {
        $this->now = null;
        $fastest = INF;
        foreach ($this->containers as $kept) {
            $pace = count($this->containers) === 1 || $kept->moisture === null ? 0.0 : $this->pace($kept);
            if ($this->now === null || $pace < $fastest) {
                [$this->now, $fastest] = [$kept, $pace];
            }
        }
        $this->since = $this->now?->since;
        $this->moisture = $this->now?->moisture;
        $this->ground = $this->now?->ground;
    }

    /** Days in which it loses a probit there; none where it is too damp or too hot to say. */
    private function pace(Kept $kept): float
    {
        if ($kept->moisture === null || $kept->moisture > ViabilityConstants::MAX_MOISTURE || $kept->at->temperatureC > ViabilityConstants::MAX_TEMPERATURE) {
            return 0.0;
        }

        return $this->crop->viability()->sigma(max(ViabilityConstants::MIN_MOISTURE, $kept->moisture), max(ViabilityConstants::MIN_TEMPERATURE, $kept->at->temperatureC));
    }

    /**
     * @return array{?float, ?MoistureGround} how moist the seed is in what it goes into, by where it comes from
     */
    private function moistureIn(Kept $kept, ?Kept $from): array
    {
        if (! $this->crop->bearsDrying()) {
            return [null, null];
        }
        if (! $kept->isShut) {
            return [$this->crop->balance->moisture($kept->at->rh / 100.0, max(-20.0, $kept->at->temperatureC)), $kept->at->isAirKnown ? MoistureGround::PlaceAir : MoistureGround::RoomAir];
        }
        if ($from !== null && $from->moisture !== null && $from->ground !== null) {
            if ($from->isShut) {
                // From one tight container into another: it stays as dry as it was.
                return [$from->moisture, $from->ground];
            }
            // What breathed took up the air of its place, whatever it weighed on the racks before; unless a jar was read since.
            $read = $this->drying->moisture();

            return $this->drying->jarRh !== null && $this->drying->moistureKnownAt >= $from->since && $read !== null
                ? [$read, MoistureGround::Measured]
                : [$from->moisture, MoistureGround::Carried];
        }
        $measured = $this->drying->moisture();

        return $measured !== null ? [$measured, MoistureGround::Measured] : [$this->roomMoisture(), MoistureGround::Assumed];
    }

    /**
     * Into the cold that freezes only what is known to be dry; what does not bear it never.
     *
     * @throws Misfit
     */
    private function mayFreeze(Kept $kept, ?float $moisture, ?MoistureGround $ground): void
    {
        if ($kept->at->temperatureC > self::FREEZING) {
            return;
        }
        if (! $this->crop->bearsDrying() || $this->crop->isKeptAlive()) {
            throw Misfit::at('place_id', sprintf('%s does not bear freezing: what lives in it dies.', $this->crop->name));
        }
        $dry = $this->crop->jarMoisture;
        $sure = $ground === MoistureGround::Measured || ($this->drying->moisture() !== null && $ground !== MoistureGround::Assumed && $this->drying->moistureKnownAt !== null);
        if (! $sure) {
            $this->doubt('place_id', sprintf('Nobody has measured how dry it is. Seed with too much water in it is killed by freezing%s: read a jar, or weigh it dry, before it goes in.', $dry === null ? '' : sprintf('; %s %% is dry enough', Field::show($dry))));
        } elseif ($dry !== null && $moisture !== null && round($moisture, 1) > $dry + $this->practice->number('damp_margin')) {
            $this->doubt('place_id', sprintf('At %s %% moisture it is too damp to freeze: dry it to %s %% first.', Field::show(round($moisture, 1)), Field::show($dry)));
        }
    }

    /** By the pest of the crop that takes longest, or by what is set where none is known; shut, so that no damp comes to it. */
    private function againstInsects(Kept $kept): void
    {
        $days = (int) $this->practice->number('insect_days');
        $temperature = $this->practice->number('insect_temperature');
        $pests = array_filter($this->crop->health->pests, static fn (SeedPest $pest): bool => $pest->freezeAt !== null && $pest->freezeDays !== null);
        if ($pests !== []) {
            $days = max(array_map(static fn (SeedPest $pest): int => (int) $pest->freezeDays, $pests));
            $temperature = min(array_map(static fn (SeedPest $pest): float => (float) $pest->freezeAt, $pests));
        }
        if ($kept->at->temperatureC > $temperature) {
            $this->doubt('place_id', sprintf('%s is not cold enough: what eats the seed dies within %d days at %s °C or below.', $kept->at->name, $days, Field::show($temperature)));

            return;
        }
        if (! $kept->isShut) {
            $this->doubt('container', 'In the freezer it belongs into something tight, or damp settles on it as it thaws.');
        }
        $kept->outAt = Later::days($kept->since, $days);
    }

    /** Whatever is done with the seed, its container is opened for it. */
    private function touched(Entry $entry): void
    {
        $this->pass($entry->happenedAt);
        foreach ($this->containers as $kept) {
            $this->openEarly($kept, $entry);
        }
    }

    /** Opened while it is colder than the dew point of the room, its seed gets wet. */
    private function openEarly(Kept $kept, Entry $entry): void
    {
        if ($kept->coldUntil !== null && $entry->happenedAt < $kept->coldUntil) {
            $this->doubt('happened_at', sprintf(
                'It came out of the cold on %s. Opened before about %s, water from the air of %s settles on the seed: leave it shut until then.',
                Show::moment($kept->warmingSince ?? $entry->happenedAt),
                Show::moment($kept->coldUntil),
                $kept->at->name,
            ));
        } elseif ($kept->coldUntil !== null) {
            [$kept->coldUntil, $kept->warmingSince] = [null, null];
        }
    }

    /** Ordinary room air is what unstored seed, and seed of unknown moisture, is taken to be in balance with. */
    private function roomMoisture(): float
    {
        return $this->crop->balance->moisture($this->practice->number('room_rh') / 100.0, $this->practice->number('room_temperature'));
    }
}
