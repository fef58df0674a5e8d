<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Acting;
use App\Models\Bulk;
use App\Models\Garden;
use App\Plans\PlanBook;
use App\Projection\Projector;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Things\Registered;
use Ramsey\Uuid\Uuid;

/**
 * A large made-up garden of many years, with lots in every stage, written straight into the journal and then projected:
 * through the keeper's door it would take an hour. The same numbers give the same garden.
 */
final class BigGarden
{
    private const NAMESPACE = '6d617272-6f77-5000-8000-62656e636800';

    /** Lots of each year, where all are of one line. */
    private const A_YEAR = 200;

    private const VARIETIES_PER_CROP = 4;

    private const PLANTINGS_PLANNED = 300;

    private const SHELVES = 12;

    /** Plants of the row that is walked. */
    private const WALKED = 200;

    /** Each on a shelf, with a good part of the lots in them. */
    private const BOXES = 60;

    private int $ids = 0;

    /** @var list<array<string, mixed>> */
    private array $journal = [];

    /** @var list<array<string, string>> what the entries of the journal refer to */
    private array $references = [];

    /** @var list<array<string, mixed>> */
    private array $containers = [];

    /** @var list<string> ids */
    private array $shelves = [];

    /** @var list<string> ids */
    private array $boxes = [];

    private int $entries = 0;

    public function __construct(private readonly CropReference $crops, private readonly Projector $projector, private readonly PlanBook $plans) {}

    /**
     * @param  bool  $line  all of one variety, each sown from one of the years before: a single family
     * @return array{int, int} lots and entries made
     */
    public function grow(int $lots, int $entries, bool $line = false): array
    {
        DB::transaction(function () use ($lots, $entries, $line): void {
            Garden::query()->create(['name' => 'Big garden']);
            $varieties = $this->varieties();
            $this->furnish();
            $made = [];
            $this->walked($lots + 1, $varieties[0][0]);
            $perLot = intdiv($entries - $this->entries, $lots);
            for ($n = 1; $n <= $lots; $n++) {
                [$variety, $crop] = $varieties[$line ? 0 : $n % count($varieties)];
                // Of a line each year has as many, off plants of the year before.
                $since = intdiv($n - 1, self::A_YEAR);
                $from = $line && $since > 0 ? $made[($since - 1) * self::A_YEAR + $n * 7 % self::A_YEAR] : null;
                $made[] = $this->lot($n, $variety, $crop, $perLot, $line ? 2000 + $since : 2012 + $n % 15, $from);
                if (count($this->journal) > 500) {
                    $this->flush();
                }
            }
            for ($n = 0; $this->entries < $entries; $n++) {
                $this->add('lot', $made[$n % $lots], 'noted', new DateTimeImmutable('2026-09-10 10:00'), ['text' => 'Counted for the year']);
                if (count($this->journal) > 500) {
                    $this->flush();
                }
            }
            $this->flush();
            $this->plan($varieties);
        });
        $this->projector->rebuild();

        return [$lots, $this->entries];
    }

    /** A row of which every plant was looked at. */
    private function walked(int $number, string $variety): void
    {
        $row = $this->id();
        DB::table('plantings')->insert(['id' => $row, 'number' => $number, 'variety_id' => $variety]);
        $this->add('planting', $row, 'sown', new DateTimeImmutable('2026-03-10 10:00'), ['plants' => self::WALKED]);
        $this->add('planting', $row, 'traits_chosen', new DateTimeImmutable('2026-05-01 10:00'), ['traits' => 'vigour; stem height (cm); leaf: flat, curled']);
        for ($n = 1; $n <= self::WALKED; $n++) {
            $this->add('planting', $row, 'plant_looked_at', new DateTimeImmutable('2026-06-01 10:00'), ['plant' => $n, 'scores' => sprintf('health %d; vigour %d; stem height %d; leaf %s', 1 + $n % 5, 1 + $n * 7 % 5, 40 + $n % 30, $n % 3 === 0 ? 'curled' : 'flat'), 'out' => $n % 17 === 0 ? 'weak' : null]);
        }
    }

    /**
     * Next year's plan: every planting for seed, in rows ten metres apart.
     *
     * @param  list<array{string, Crop}>  $varieties
     */
    private function plan(array $varieties): void
    {
        $plantings = [];
        for ($n = 0; $n < self::PLANTINGS_PLANNED; $n++) {
            [$variety, $crop] = $varieties[$n * 3 % count($varieties)];
            $plantings[] = [
                'id' => "p$n", 'crop' => $crop->key, 'variety' => $variety, 'plants' => 10, 'purpose' => 'seed',
                'sow' => sprintf('2027-%02d-%02d', $crop->growing->sowings[0]->from, 1 + $n % 28),
                'spot' => ['x' => $n % 20 * 10, 'y' => intdiv($n, 20) * 10, 'width' => 3, 'depth' => 1],
            ];
        }
        $ground = ['width' => 210, 'depth' => 160, 'north' => 0, 'wind' => 225, 'last_frost' => '04-20', 'first_frost' => '10-28'];
        $this->plans->start(2027, null, new Acting);
        $this->plans->save(2027, 1, ['ground' => $ground, 'isolation' => [], 'beds' => [], 'barriers' => [], 'sources' => [], 'plantings' => $plantings], 'Drew it', new Acting);
    }

    /** @return list<array{string, Crop}> */
    private function varieties(): array
    {
        $varieties = [];
        foreach ($this->crops->all() as $crop) {
            for ($n = 1; $n <= self::VARIETIES_PER_CROP; $n++) {
                $id = $this->id();
                DB::table('varieties')->insert(['id' => $id, 'crop' => $crop->key, 'name' => "$crop->name $n", 'type' => 'open_pollinated']);
                $varieties[] = [$id, $crop];
            }
        }

        return $varieties;
    }

    private function furnish(): void
    {
        for ($n = 0; $n < self::SHELVES; $n++) {
            $this->shelves[] = $id = $this->id();
            DB::table('places')->insert(['id' => $id, 'name' => "Shelf $n", 'temperature_c' => 5 + $n, 'rh' => 50]);
        }
        for ($n = 0; $n < self::BOXES; $n++) {
            $this->boxes[] = $id = $this->id();
            DB::table('containers')->insert(['id' => $id, 'name' => "Box $n", 'kind' => 'tin']);
            $this->add('container', $id, 'placed', new DateTimeImmutable('2012-01-05 10:00'), ['place_id' => $this->shelves[$n % self::SHELVES]]);
        }
        $this->measure();
    }

    /** A logger on a shelf and the weather, hour by hour for ten years, as they are kept. */
    private function measure(): void
    {
        $logger = $this->id();
        $weather = $this->id();
        DB::table('instruments')->insert([['id' => $logger, 'name' => 'Logger', 'kind' => 'logger', 'place_id' => $this->shelves[2]], ['id' => $weather, 'name' => 'Weather', 'kind' => 'weather', 'place_id' => null]]);
        $days = $forecasts = $hours = [];
        for ($n = 0; $n < 3650; $n++) {
            $day = (new DateTimeImmutable('2026-09-13'))->modify("-$n days")->format('Y-m-d');
            foreach ([[$logger, 'temperature'], [$logger, 'humidity'], [$weather, 'temperature'], [$weather, 'rain']] as [$of, $measure]) {
                $days[] = ['instrument_id' => $of, 'measure' => $measure, 'day' => $day, 'least' => 1.0, 'greatest' => 9.0, 'total' => 120.0, 'readings' => 24];
            }
            $forecasts[] = ['instrument_id' => $weather, 'for_day' => $day, 'said_on' => (new DateTimeImmutable($day))->modify('-1 day')->format('Y-m-d'), 'low' => 5.0, 'chance' => ($n % 10) / 10];
        }
        for ($n = 0; $n < 45 * 24; $n++) {
            $hours[] = ['instrument_id' => $logger, 'measure' => 'temperature', 'at' => (new DateTimeImmutable('2026-09-14 09:00'))->modify("-$n hours")->format('Y-m-d H:i:s'), 'value' => 18.0];
        }
        Bulk::insert('reading_days', $days);
        Bulk::insert('forecasts', $forecasts);
        Bulk::insert('readings', $hours);
    }

    /** @return string id of the lot */
    private function lot(int $n, string $variety, Crop $crop, int $entries, int $year, ?string $from): string
    {
        $planting = $this->id();
        $lot = $this->id();
        DB::table('plantings')->insert(['id' => $planting, 'number' => $n, 'variety_id' => $variety]);
        DB::table('lots')->insert(['id' => $lot, 'number' => $n, 'variety_id' => $variety]);
        DB::table('lot_parents')->insert(['lot_id' => $lot, 'role' => 'mother', 'kind' => 'picked', 'planting_id' => $planting]);
        $this->add('planting', $planting, 'sown', new DateTimeImmutable("$year-01-10 10:00"), ['plants' => 20, ...($from === null ? [] : ['lot' => $from])]);

        $at = new DateTimeImmutable("$year-07-".(1 + $n % 28).' 10:00');
        // One lot in forty is still on the bench or the racks.
        $unfinished = $n % 40;
        foreach ($this->steps($crop, $lot, $n, $entries) as $i => [$kind, $days, $payload]) {
            if ($unfinished < 3 && $i > 2 * $unfinished) {
                break;
            }
            $at = $at->modify("+$days days");
            if ($at >= new DateTimeImmutable('2026-09-14')) {
                break;
            }
            $this->add('lot', $lot, $kind, $at, $payload);
            if ($kind === 'stored') {
                $this->containers[] = ['id' => $lot, 'kind' => $payload['container'], 'place_id' => $payload['place_id'], 'inside' => $payload['inside']];
            }
        }

        return $lot;
    }

    /** @return list<array{string, int, array<string, mixed>}> kind, days since the one before, payload */
    private function steps(Crop $crop, string $lot, int $n, int $entries): array
    {
        $steps = [['picked', 0, ['plants' => 10, 'fruits' => 30, 'mass_g' => 2000]]];
        if ($crop->isWetCleaned()) {
            $steps[] = ['rinsed', 2, []];
        } else {
            $steps[] = ['threshed', 9, ['mass_g' => 130]];
            $steps[] = ['winnowed', 0, ['mass_g' => 100]];
        }
        $steps[] = ['spread', 0, ['surface' => 'mesh', 'mass_g' => 100, 'moisture' => 20]];
        foreach ([94, 91, 89, 88] as $grams) {
            $steps[] = ['weighed', 2, ['mass_g' => $grams]];
        }
        $steps[] = ['jar_read', 1, ['rh' => 28 + $n % 9, 'temperature_c' => 20]];
        // Two of five stand on a shelf, the others lie in a box.
        $shelf = $n % 5 < 2 ? $this->shelves[$n % self::SHELVES] : null;
        $steps[] = ['stored', 1, ['container' => $n % 3 === 0 ? 'paper_envelope' : 'jar', 'into' => $lot, 'place_id' => $shelf, 'inside' => $shelf === null ? $this->boxes[$n % self::BOXES] : null, 'mass_g' => 88]];
        $test = $this->id();
        $steps[] = ['test_started', 30, ['test' => $test, 'replicates' => 1, 'seeds' => 25, 'temperature_c' => 20, 'method' => 'dish']];
        $steps[] = ['test_counted', 7, ['test' => $test, 'normal' => [14 + $n % 9], 'abnormal' => [0]]];
        $steps[] = ['test_ended', 21, ['test' => $test]];
        while (count($steps) < $entries) {
            $steps[] = ['noted', 60, ['text' => 'Looked at, shaken, put back']];
        }

        return $steps;
    }

    /** @param  array<string, mixed>  $payload */
    private function add(string $subject, string $id, string $kind, DateTimeImmutable $at, array $payload): void
    {
        $this->entries++;
        $kinds = Registered::kinds();
        $entry = $this->id();
        foreach ($kinds->named($kind)?->references() ?? [] as $role => $of) {
            if (is_string($payload[$role] ?? null)) {
                $this->references[] = ['entry_id' => $entry, 'role' => $role, 'subject' => $of->value, 'subject_id' => $payload[$role]];
            }
        }
        $this->journal[] = [
            'id' => $entry,
            'ord' => sprintf('%020d', $this->entries),
            'subject' => $subject,
            'subject_id' => $id,
            'kind' => $kind,
            'payload' => json_encode($kinds->named($kind)?->keep($kinds->read($kind, $payload)), JSON_THROW_ON_ERROR),
            'happened_at' => $at->format('Y-m-d H:i:s'),
            'recorded_at' => $at->format('Y-m-d H:i:s'),
        ];
    }

    private function flush(): void
    {
        DB::table('journal_entries')->insert($this->journal);
        Bulk::insert('entry_refs', $this->references);
        Bulk::insert('containers', $this->containers);
        $this->journal = $this->references = $this->containers = [];
    }

    private function id(): string
    {
        return Uuid::uuid5(self::NAMESPACE, (string) $this->ids++)->toString();
    }
}
