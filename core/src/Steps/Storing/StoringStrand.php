<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Storing;

use Marrow\Core\Botany\Crop;
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
use Marrow\Core\Steps\Origin\OriginStrand;
use Marrow\Core\Steps\Stock\StockStrand;
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

    /** @var array<string, Kept> by id of the container; a lot may lie in several */
    public array $containers = [];

    /** As it was last put away; null while it is not in store. */
    public ?Kept $now = null;

    public ?\DateTimeImmutable $since = null;

    /** @var list<array{from: \DateTimeImmutable, moisture: float, temperature: float}> */
    private array $stays = [];

    /** Per cent of wet mass as the seed is kept now. */
    public ?float $moisture = null;

    public ?MoistureGround $ground = null;

    /** @param  array<string, StoredAt>  $places  by id */
    public function __construct(
        private readonly Crop $crop,
        private readonly Whereabouts $where,
        private readonly OriginStrand $origin,
        private readonly CleaningStrand $cleaning,
        private readonly StockStrand $stock,
        private readonly DryingStrand $drying,
        private readonly TreatingStrand $treating,
        private readonly array $places,
        private readonly Practice $practice,
    ) {}

    #[Takes]
    public function stored(Stored $stored, Entry $entry): void
    {
        $this->cleaning->mustBeOut('stored', $entry);
        $at = $this->placeOf($stored) ?? throw Misfit::at('place_id', 'Say where it was put.');
        $last = $this->drying->lastMass();
        if ($this->now === null && $stored->massG !== null && $last !== null && $stored->massG > $last * self::HEAVIER) {
            throw Misfit::at('mass_g', sprintf(
                'On the racks it last weighed %s g; %s g cannot have gone into store.',
                Show::grams($last),
                Show::grams($stored->massG),
            ));
        }
        $this->origin->mustHold($stored->massG, 'Seed in store');
        if ($stored->massG !== null || $stored->seeds !== null) {
            $this->stock->filled($stored->massG, $stored->seeds);
        } elseif (! $this->stock->stock->isKnown()) {
            $this->doubt('seeds', 'How much there is is not known: count the seeds, or weigh them, if you can.');
        }
        if ($this->crop->isKeptAlive() && $stored->container->isTight()) {
            $this->doubt('container', sprintf('%s is kept alive: shut in tight it sweats and rots.', $this->crop->name));
        }
        $kept = new Kept($stored->container, $at, $stored->placeId);
        // What must not dry is in balance with nothing: it is kept damp, or alive.
        [$this->moisture, $this->ground] = $this->crop->bearsDrying() ? $this->moistureIn($kept) : [null, null];
        $this->containers[$stored->into ?? self::ONLY] = $kept;
        $this->now = $kept;
        $this->since = $entry->happenedAt;
        $this->stay($entry->happenedAt, $this->moisture ?? $this->roomMoisture(), $at->temperatureC);
        $this->where->place = Place::Store;
        $this->cleaning->leave();
    }

    /** A closed-jar reading of seed that is in store already tells how moist it really is. */
    #[Takes]
    public function jarRead(JarRead $read, Entry $entry): void
    {
        $moisture = $this->drying->moisture();
        if ($this->now === null || ! $this->now->container->isTight() || $moisture === null) {
            return;
        }
        $this->moisture = $moisture;
        $this->ground = MoistureGround::Measured;
        $this->stay($entry->happenedAt, $moisture, $this->now->at->temperatureC);
    }

    /** Bathed, it is dried in the room again; how far, in something tight, nobody knows before a jar is read. */
    #[Takes]
    public function bathed(Bathed $bathed, Entry $entry): void
    {
        if ($this->now === null || ! $this->now->container->isTight() || ! $this->crop->bearsDrying()) {
            return;
        }
        [$this->moisture, $this->ground] = [$this->roomMoisture(), MoistureGround::Assumed];
        $this->stay($entry->happenedAt, $this->moisture, $this->now->at->temperatureC);
    }

    /** The seed went back to the racks. */
    #[Takes]
    public function spread(Spread $spread, Entry $entry): void
    {
        if ($this->now === null) {
            return;
        }
        $this->containers = [];
        $this->now = null;
        $this->since = null;
        $this->moisture = null;
        $this->ground = null;
        $this->stay($entry->happenedAt, $this->roomMoisture(), $this->practice->number('room_temperature'));
    }

    public static function taskKinds(): string
    {
        return StoringTask::class;
    }

    public function wants(): array
    {
        // What is wet is spread before a jar is read.
        if ($this->since === null || $this->stock->stock->isUsedUp() || ! $this->crop->bearsDrying() || $this->treating->isWet()) {
            return [];
        }
        $jar = $this->crop->jarMoisture;
        if ($this->isShutInDamp()) {
            $known = $this->drying->moistureKnownAt > $this->since ? $this->drying->moistureKnownAt : $this->since;

            return [new Task(StoringTask::OpenDampJar, Place::Store, $known, $known, Later::days($known, 1), Loss::Seed, ['moisture' => $this->moisture, 'jar_moisture' => $jar, 'ground' => $this->ground?->value])];
        }
        if ($this->ground === MoistureGround::Assumed || $this->ground === MoistureGround::Carried) {
            return [new Task(StoringTask::ReadStoredJar, Place::Store, Later::days($this->since, 1), Later::days($this->since, 2), null, Loss::Nothing, ['jar_moisture' => $jar])];
        }

        return [];
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
        if ($this->now !== null) {
            // Moved, it stays in what it is in, unless the keeper says otherwise.
            $offer = $offer->usually('container', $this->now->container->value)->usually('place_id', $this->now->placeId)->calledHere('Move it');
        }

        // What is first to be done stands first.
        return $this->isShutInDamp() ? [$offer, Offer::of(Spread::class, 5)] : [$offer];
    }

    /** Whether it stands closed in tight at a moisture at which it will mould. */
    public function isShutInDamp(): bool
    {
        return $this->now?->container->isTight() === true
            && ($this->ground === MoistureGround::Measured || $this->ground === MoistureGround::Carried)
            && $this->crop->jarMoisture !== null
            && $this->moisture > $this->crop->jarMoisture + $this->practice->number('damp_margin');
    }

    /**
     * The paces at which the lot has aged since $from, the last one without end; ordinary room air before it was stored.
     *
     * @return list<AgeingSegment>|null null when a stay lies outside what the equation is trusted for (too damp, too hot)
     */
    public function segmentsSince(\DateTimeImmutable $from, ViabilityConstants $constants): ?array
    {
        $room = ['from' => $from, 'moisture' => $this->roomMoisture(), 'temperature' => $this->practice->number('room_temperature')];
        $stays = [$room, ...$this->stays];
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

    private function placeOf(Stored $stored): ?StoredAt
    {
        $known = $stored->placeId === null ? null : $this->places[$stored->placeId] ?? null;
        if ($known !== null) {
            return $known;
        }

        return $stored->place === '' || $stored->temperatureC === null || $stored->rh === null ? null : new StoredAt($stored->place, $stored->temperatureC, $stored->rh);
    }

    /** @return array{float, MoistureGround} how moist the seed is in what it goes into, by where it comes from */
    private function moistureIn(Kept $kept): array
    {
        if (! $kept->container->isTight()) {
            return [$this->moistureAt($kept->at), $kept->at->isAirKnown ? MoistureGround::PlaceAir : MoistureGround::RoomAir];
        }
        if ($this->now !== null && $this->moisture !== null && $this->ground !== null) {
            if ($this->now->container->isTight()) {
                // From one tight container into another: it stays as dry as it was.
                return [$this->moisture, $this->ground];
            }
            // What breathed took up the air of its place, whatever it weighed on the racks before; unless a jar was read since.
            $read = $this->drying->moisture();

            return $this->drying->jarRh !== null && $this->drying->moistureKnownAt >= $this->since && $read !== null
                ? [$read, MoistureGround::Measured]
                : [$this->moisture, MoistureGround::Carried];
        }
        $measured = $this->drying->moisture();

        return $measured !== null ? [$measured, MoistureGround::Measured] : [$this->roomMoisture(), MoistureGround::Assumed];
    }

    private function moistureAt(StoredAt $place): float
    {
        return $this->crop->balance->moisture($place->rh / 100.0, max(-20.0, $place->temperatureC));
    }

    /** Ordinary room air is what unstored seed, and seed of unknown moisture, is taken to be in balance with. */
    private function roomMoisture(): float
    {
        return $this->crop->balance->moisture($this->practice->number('room_rh') / 100.0, $this->practice->number('room_temperature'));
    }

    private function stay(\DateTimeImmutable $from, float $moisture, float $temperature): void
    {
        $this->stays[] = ['from' => $from, 'moisture' => $moisture, 'temperature' => $temperature];
    }
}
