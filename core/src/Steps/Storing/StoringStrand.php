<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Storing;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropName;
use Marrow\Core\Drying\ShutIn;
use Marrow\Core\Drying\Witness;
use Marrow\Core\Fields\Show;
use Marrow\Core\Folding\Doubt;
use Marrow\Core\Folding\Misfit;
use Marrow\Core\Folding\Strand;
use Marrow\Core\Folding\Takes;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Cleaning\CleaningStrand;
use Marrow\Core\Steps\Drying\CardRead;
use Marrow\Core\Steps\Drying\DryingStrand;
use Marrow\Core\Steps\Drying\DryingVerdict;
use Marrow\Core\Steps\Drying\JarRead;
use Marrow\Core\Steps\Drying\Spread;
use Marrow\Core\Steps\Growing\Sown;
use Marrow\Core\Steps\Holding\Holdings;
use Marrow\Core\Steps\Holding\Surroundings;
use Marrow\Core\Steps\Origin\OriginStrand;
use Marrow\Core\Steps\Packets\Portioned;
use Marrow\Core\Steps\Stock\StockStrand;
use Marrow\Core\Steps\Stock\Withdrawn;
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

    /** The one in which it ages fastest, where it lies in several; null while it is not in store. */
    public ?Kept $now = null;

    public ?\DateTimeImmutable $since = null;

    /** @var list<array{from: \DateTimeImmutable, moisture: float, temperature: float}> while it was out of every container again */
    private array $before = [];

    /** Per cent of wet mass as the seed is kept now. */
    public ?float $moisture = null;

    public ?MoistureGround $ground = null;

    /** When it was looked for and was not there; null where it was found, or never looked for in vain. */
    public ?\DateTimeImmutable $missingAt = null;

    private readonly Freezing $freezing;

    private readonly Filling $filling;

    private readonly Shutting $shutting;

    private readonly StockTaking $stockTaking;

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
        private readonly Kepts $kepts,
    ) {
        $this->freezing = new Freezing($crop, $practice);
        $this->filling = new Filling($crop, $drying, $practice);
        $this->stockTaking = new StockTaking($stock, $kepts);
        $this->shutting = new Shutting($crop, $origin, $cleaning, $drying);
    }

    /** @return array<string, Kept> by id of the container; a lot may lie in several */
    public function containers(): array
    {
        return $this->kepts->all;
    }

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
        $id = $stored->into ?? Kepts::ONLY;
        $was = $this->kepts->all[$id] ?? null;
        // Put away a second time, into another container than before, it lies in both; nothing is written over.
        $from = $was ?? $this->kepts->rest() ?? $this->now;
        $kept = $this->kept($stored->container, $around, $entry->happenedAt, $stored->inside);
        [$moisture, $ground] = $this->filling->of($kept, $from);
        $this->askOfFreezing($kept, $moisture, $ground);
        if ($from?->isShut !== true) {
            $this->ask($this->shutting->asks($kept, $moisture, $ground, $entry));
        }
        if ($stored->massG !== null || $stored->seeds !== null) {
            $this->counted($stored, $was);
        } elseif (! $this->stock->stock->isKnown() && $this->weighedBefore() !== null) {
            // What was weighed clean, or on the racks, is what goes in.
            $this->stock->filled($this->weighedBefore(), null);
            $this->stock->stock->isAbout = $last === null;
        } elseif (! $this->stock->stock->isKnown()) {
            $this->doubt('seeds', 'How much there is is not known: count the seeds, or weigh them, if you can.');
        }
        if ($this->crop->isKeptAlive() && $stored->container->isTight()) {
            $this->doubt('container', sprintf('%s is kept alive: shut in tight it sweats and rots.', $this->crop->name));
        }
        if ($stored->againstInsects) {
            $this->ask($this->freezing->againstInsects($kept));
        }
        $kept->part = $was === null && $this->kepts->all !== [] ? (float) ($stored->seeds ?? 0) : $was?->part;
        $kept->packet = $was?->packet;
        $this->put($id, $kept, $from, $moisture, $ground, $entry);
        $this->cleaning->leave();
    }

    /** Some of it goes into a container of its own; the rest stays where it is. */
    #[Takes]
    public function divided(Divided $divided, Entry $entry): void
    {
        $this->pass($entry->happenedAt);
        $from = $this->kepts->rest() ?? $this->now ?? throw Misfit::outOfPlace('It is not in store yet: put it away first, then some of it elsewhere.');
        $around = $this->holdings->around($divided->placeId, $divided->inside) ?? throw Misfit::at('place_id', 'Say where it was put.');
        $seeds = $divided->seeds ?? (float) $divided->massG * 1000 / $this->stock->stock->tsm();
        $left = $this->kepts->left($this->stock->stock->seeds());
        if ($left !== null && ! $this->stock->stock->isRough() && $seeds > $left + 0.5) {
            throw Misfit::at($divided->seeds === null ? 'mass_g' : 'seeds', sprintf('Only %s are left there: there cannot be more in the packets than in the lot.', Show::count(floor($left)).' seeds'));
        }
        $kept = $this->kept($divided->container, $around, $entry->happenedAt, $divided->inside);
        [$moisture, $ground] = $this->filling->of($kept, $from);
        $this->askOfFreezing($kept, $moisture, $ground);
        if (! $from->isShut) {
            $this->ask($this->shutting->asks($kept, $moisture, $ground, $entry));
        }
        $kept->part = (float) $seeds;
        $this->put($divided->into ?? $entry->id, $kept, $from, $moisture, $ground, $entry);
    }

    /** Parted into packets for the years to come; the rest stays where it is. */
    #[Takes]
    public function portioned(Portioned $portioned, Entry $entry): void
    {
        $this->pass($entry->happenedAt);
        $from = $this->kepts->rest() ?? $this->now ?? throw Misfit::outOfPlace('It is not in store yet: put it away first, then part it into packets.');
        $around = $this->holdings->around($portioned->placeId, $portioned->inside) ?? throw Misfit::at('place_id', 'Say where the packets were put.');
        $left = $this->kepts->left($this->stock->stock->seeds());
        if ($left !== null && ! $this->stock->stock->isRough() && array_sum($portioned->seeds) > $left + 0.5) {
            throw Misfit::at('seeds', sprintf('Only %s seeds are left outside its packets; these packets take %s.', Show::count(floor($left)), Show::count(array_sum($portioned->seeds))));
        }
        foreach ($portioned->seeds as $i => $seeds) {
            $kept = $this->kept($portioned->container, $around, $entry->happenedAt, $portioned->inside);
            [$moisture, $ground] = $this->filling->of($kept, $from);
            if ($i === 0) {
                $this->askOfFreezing($kept, $moisture, $ground);
                $this->ask($from->isShut ? null : $this->shutting->asks($kept, $moisture, $ground, $entry));
            }
            $kept->part = (float) $seeds;
            $kept->packet = $this->kepts->packet($this->origin->code, $portioned, $i);
            $this->put($portioned->into[$i] ?? "$entry->id $i", $kept, $from, $moisture, $ground, $entry);
        }
    }

    /** A closed-jar reading of seed that is in store already tells how moist it really is. */
    #[Takes]
    public function jarRead(JarRead $read, Entry $entry): void
    {
        $this->readInStore($entry);
    }

    #[Takes]
    public function cardRead(CardRead $read, Entry $entry): void
    {
        $this->readInStore($entry);
    }

    private function readInStore(Entry $entry): void
    {
        $this->pass($entry->happenedAt);
        $moisture = $this->drying->moisture();
        $kept = $this->now;
        if ($kept === null || ! $kept->container->isTight() || $moisture === null) {
            return;
        }
        $kept->measured($moisture, MoistureGround::Measured, $entry->happenedAt);
        $this->lead();
    }

    /** Bathed, it is dried in the room again; how far, in something tight, nobody knows before a jar is read. */
    #[Takes]
    public function bathed(Bathed $bathed, Entry $entry): void
    {
        $this->pass($entry->happenedAt);
        foreach ($this->kepts->all as $kept) {
            if ($kept->isShut && $this->crop->bearsDrying()) {
                $kept->measured($this->filling->room(), MoistureGround::Assumed, $entry->happenedAt);
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
        if ($this->kepts->isParted()) {
            $this->doubt('surface', 'All of the lot is taken to be spread, what is in its packets too: they are no more then.');
        }
        $this->before = [...$kept->stays, ['from' => $entry->happenedAt, 'moisture' => $this->filling->room(), 'temperature' => $this->practice->number('room_temperature')]];
        $this->kepts->all = [];
        $this->lead();
    }

    #[Takes]
    public function withdrawn(Withdrawn $withdrawn, Entry $entry): void
    {
        $this->pass($entry->happenedAt);
        $this->ask($this->kepts->take($withdrawn->container, $this->seedsOf($withdrawn->seeds, $withdrawn->massG), $entry->happenedAt));
    }

    /** A planting was sown from it. */
    #[Takes(as: 'lot')]
    public function sown(Sown $sown, Entry $entry): void
    {
        if ($sown->sprouts) {
            return;
        }
        $this->pass($entry->happenedAt);
        $this->ask($this->kepts->take($sown->container, $this->seedsOf($sown->seeds, $sown->massG), $entry->happenedAt));
        if ($this->ground === MoistureGround::Measured && $this->moisture !== null && $this->moisture < $this->crop->leastMoisture) {
            $this->doubt('happened_at', sprintf('At %s %% seed of %s takes up water so fast that it cracks: let it lie open in damp air for two days before it is sown.', Show::grams(round($this->moisture, 1)), CropName::inSentence($this->crop->name)));
        }
    }

    /** What was found there is what there is; what was thought before was wrong, or something happened that nobody wrote down. */
    #[Takes]
    public function seen(Seen $seen, Entry $entry): void
    {
        $this->pass($entry->happenedAt);
        $kept = ($seen->container === null ? null : $this->kepts->all[$seen->container] ?? null) ?? $this->kepts->rest() ?? $this->now;
        if ($kept === null) {
            throw Misfit::outOfPlace('It is not in store, so there is no place to look for it in.');
        }
        if (! $seen->isGone() && $seen->seeds === null && $seen->massG === null) {
            return;
        }
        $this->ask($this->stockTaking->asks($seen, $kept));
        $this->missingAt = $this->stockTaking->found($seen, $kept, $entry->happenedAt);
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
        $out = $this->stock->stock->isUsedUp() ? [] : $this->outOfTheCold();
        // What is wet is spread before a jar is read.
        if ($this->since === null || $this->stock->stock->isUsedUp() || ! $this->crop->bearsDrying() || $this->treating->isWet()) {
            return $out;
        }
        $jar = $this->crop->jarMoisture;
        if ($this->isShutInDamp()) {
            $known = $this->drying->moistureKnownAt() > $this->since ? $this->drying->moistureKnownAt() : $this->since;
            $inside = $this->inside();
            [$best, $latest] = $inside?->openWithin() ?? [0, 1];

            return [...$out, new Task(StoringTask::OpenDampJar, Place::Store, $known, Later::days($known, $best), Later::days($known, $latest), Loss::Seed, [
                'moisture' => $this->moisture,
                'rh' => $inside?->rh,
                'damp' => $inside?->damp->value,
                'cool' => (int) $inside?->isCool,
                'ground' => $this->ground?->value,
            ])];
        }
        if ($this->ground === MoistureGround::Assumed || ($this->ground === MoistureGround::Carried && $this->now?->container->isTight() === true)) {
            return [...$out, new Task(StoringTask::ReadStoredJar, Place::Store, Later::days($this->since, 1), Later::days($this->since, 2), null, Loss::Nothing, ['jar_moisture' => $jar])];
        }

        return $out;
    }

    public function offers(): array
    {
        if (! $this->cleaning->isOut()) {
            return [];
        }
        $rank = match (true) {
            $this->where->place === Place::Store => 50,
            $this->where->place === Place::Racks && $this->drying->verdict() === DryingVerdict::DryEnough => 10,
            $this->where->place === Place::Racks && $this->drying->verdict() === DryingVerdict::ByHand => 8,
            $this->origin->cameClean(), $this->crop->isKeptAlive() => 5,
            default => 30,
        };
        $offer = Offer::of(Stored::class, $rank);
        if ($this->crop->isKeptAlive()) {
            $offer = $offer->usually('container', ContainerKind::ClothBag->value);
        } elseif ($this->where->place === Place::Racks && ($this->drying->verdict() === DryingVerdict::ByHand || $this->practice->wordFor('dry_to', $this->crop->key) === 'paper')) {
            $offer = $offer->usually('container', ContainerKind::PaperEnvelope->value);
        }
        $main = $this->kepts->rest() ?? $this->now;
        if ($main === null) {
            // What was lost before it came into store never will.
            return $this->stock->stock->isUsedUp() ? [] : [$offer];
        }
        // Moved, it stays in what it is in, unless the keeper says otherwise.
        $offer = $offer->usually('container', $main->container->value)->usually('place_id', $main->inside ?? $main->placeId)->calledHere('Move it');
        $divide = $this->stock->stock->isUsedUp() || $this->crop->isKeptAlive() ? [] : [Offer::of(Divided::class, 55)];
        $seen = [Offer::of(Seen::class, 70)];

        // What is first to be done stands first.
        return [$offer, ...$divide, ...$seen, ...($this->isShutInDamp() ? [Offer::of(Spread::class, 5)] : [])];
    }

    /** Where the lot is said to lie: where what is in none of its packets is, else where most of it is. */
    public function main(): ?Kept
    {
        $rest = $this->kepts->rest();
        if ($rest !== null || $this->kepts->all === []) {
            return $rest;
        }
        $shares = array_map(static fn (?float $share): float => $share ?? 0.0, $this->shares());
        arsort($shares);

        return $this->kepts->all[array_key_first($shares)] ?? $this->now;
    }

    /** Whether how moist it is was found by weighing, and by no hygrometer. */
    public function isByWeight(): bool
    {
        return $this->ground === MoistureGround::Measured && $this->drying->basis() === Witness::Weight;
    }

    /** What the air is like that it is shut in; null where it breathes, nobody knows how damp it is, or damp is how it lives. */
    public function inside(): ?ShutIn
    {
        return $this->now?->isShut === true && ($this->ground === MoistureGround::Measured || $this->ground === MoistureGround::Carried) && $this->moisture !== null && $this->crop->jarMoisture !== null
            ? ShutIn::of($this->crop->balance, $this->moisture, $this->now->at->temperatureC)
            : null;
    }

    /** Whether it stands closed in tight at a dampness at which it does not keep. */
    public function isShutInDamp(): bool
    {
        return $this->inside()?->damp->keeps() === false;
    }

    /** Whether it bears the cold of such a place as it is kept now; null where nobody has measured that it is dry enough. */
    public function bearsCold(StoredAt $air): ?bool
    {
        return Freezing::is($air) && $this->now !== null ? $this->freezing->isBorne($this->moisture, $this->ground) : true;
    }

    /** @return array<string, ?float> seeds in each of its containers, by id; null where nobody knows: together what the lot has */
    public function shares(): array
    {
        return $this->kepts->shares($this->stock->stock->seeds());
    }

    /** @return list<Task> what was in the cold only until what eats it is dead */
    private function outOfTheCold(): array
    {
        // Those that come out of one place on one day are one thing to do.
        $together = [];
        foreach ($this->kepts->all as $kept) {
            if ($kept->outAt !== null) {
                $together[$kept->outAt->format('Y-m-d').' '.$kept->at->name][] = $kept;
            }
        }

        return array_map(static fn (array $kepts, string $about): Task => new Task(StoringTask::TakeOutOfCold, Place::Store, $kepts[0]->outAt ?? $kepts[0]->since, $kepts[0]->outAt ?? $kepts[0]->since, null, Loss::Nothing, [
            'container' => $kepts[0]->container->label(),
            'containers' => count($kepts),
            'place' => $kepts[0]->at->name,
        ], substr($about, 0, 60)), $together, array_keys($together));
    }

    /**
     * The paces at which the lot has aged since $from, the last one without end; ordinary room air before it was stored.
     *
     * @param  ?Kept  $in  one of its containers; null for the one in which it ages fastest
     * @return list<AgeingSegment>|null null when a stay lies outside what the equation is trusted for (too damp, too hot)
     */
    public function segmentsSince(\DateTimeImmutable $from, ViabilityConstants $constants, ?Kept $in = null): ?array
    {
        $room = ['from' => $from, 'moisture' => $this->filling->room(), 'temperature' => $this->practice->number('room_temperature')];

        return Stays::segments([$room, ...($in ?? $this->now)->stays ?? $this->before], $this->treating->baths, $from, $constants);
    }

    /** g of what there is, where it was weighed on the racks or when it was clean. */
    private function weighedBefore(): ?float
    {
        return $this->drying->lastMass() ?? $this->cleaning->massOut;
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
        return new Kept($this->crop, $this->filling->room(), $container, $around, $at, $inside);
    }

    private function put(string $id, Kept $kept, ?Kept $from, ?float $moisture, ?MoistureGround $ground, Entry $entry): void
    {
        $kept->stays = $from->stays ?? $this->before;
        // What must not dry is in balance with nothing: it is kept damp, or alive.
        $this->crop->bearsDrying() ? $kept->fill($moisture, $ground) : $kept->fill(null, null);
        if ($from !== null) {
            $kept->cameFrom($from->at, $entry->happenedAt);
        }
        $this->kepts->all[$id] = $kept;
        $this->where->place = Place::Store;
        $this->lead();
    }

    /** What was counted or weighed as it went in: all of the lot, or of one of its packets. */
    private function counted(Stored $stored, ?Kept $was): void
    {
        $others = array_sum(array_map(static fn (Kept $kept): float => $kept === $was ? 0.0 : $kept->part ?? 0.0, $this->kepts->all));
        if ($others > 0.0 || ($was === null && $this->kepts->all !== [])) {
            return;
        }
        $this->stock->filled($stored->massG, $stored->seeds);
    }

    /** What happened around its containers meanwhile. */
    private function pass(?\DateTimeImmutable $until): void
    {
        foreach ($this->kepts->all as $kept) {
            $kept->pass($until);
        }
        $this->lead();
    }

    /** The container in which it ages fastest tells how long the lot lasts. */
    private function lead(): void
    {
        $this->now = null;
        $fastest = INF;
        foreach ($this->kepts->all as $kept) {
            $pace = count($this->kepts->all) === 1 || $kept->moisture === null ? 0.0 : $this->pace($kept);
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
        if ($kept->moisture === null || $kept->moisture > ViabilityConstants::MAX_MOISTURE || $kept->isTooHotToTell()) {
            return 0.0;
        }

        return $this->crop->viability()->sigma(max(ViabilityConstants::MIN_MOISTURE, $kept->moisture), max(ViabilityConstants::MIN_TEMPERATURE, $kept->at->temperatureC));
    }

    /** @return ?float seeds that were taken; null where nobody said how much */
    private function seedsOf(?int $seeds, ?float $grams): ?float
    {
        return $seeds === null ? ($grams === null ? null : $grams * 1000 / $this->stock->stock->tsm()) : (float) $seeds;
    }

    /** What is asked and overruled is remembered of the container. */
    private function askOfFreezing(Kept $kept, ?float $moisture, ?MoistureGround $ground): void
    {
        $doubt = $this->freezing->asks($kept, $moisture, $this->filling->isMeasured($ground));
        $kept->frozenThough = $doubt?->message;
        $this->ask($doubt);
    }

    private function ask(?Doubt $doubt): void
    {
        if ($doubt !== null) {
            $this->doubt($doubt->field, $doubt->message);
        }
    }
}
