<?php

declare(strict_types=1);

namespace App\Demo;

use App\Clock;
use App\Journal\Begins;
use App\Journal\Draft;
use App\Journal\Recorder;
use App\Models\Acting;
use App\Models\Container;
use App\Models\Lot;
use App\Models\Place;
use App\Models\Planting;
use App\Models\Variety;
use App\Reading\Stores;
use DateTimeImmutable;
use Marrow\Core\Botany\VarietyType;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Year\YearTurn;
use Ramsey\Uuid\Uuid;

/** Writes the demo garden through the same door as a keeper's own hands, so it can hold nothing that they could not record. */
final class DemoWriter
{
    /** Ids are derived from a counter, so that every demo garden is the same one. */
    private const NAMESPACE = '6d617272-6f77-5000-8000-64656d6f0000';

    private int $ids = 0;

    /** The story is of the northern half of the earth; in the southern each day of it is half a year on. */
    public readonly YearTurn $turn;

    public function __construct(private readonly Recorder $recorder, private readonly Stores $stores, Practice $practice, private readonly Clock $clock)
    {
        $this->turn = $practice->year->shift->turn;
    }

    /** A day or moment of the story, as it falls where the garden lies. */
    public function moment(string $told): DateTimeImmutable
    {
        return $this->turn->here(new DateTimeImmutable($told));
    }

    /** A year of the story in which seed was harvested, in its autumn. */
    public function harvest(int $told): int
    {
        return (int) $this->moment("$told-10-01")->format('Y');
    }

    /** The same as the day of any year, month-day. */
    public function yearDay(string $told): string
    {
        return $this->turn->dayHere($told);
    }

    public function place(string $name, float $temperature, float $rh): Place
    {
        $this->stores->forget();

        return Place::query()->create(['id' => $this->id(), 'name' => $name, 'temperature_c' => $temperature, 'rh' => $rh]);
    }

    public function variety(string $crop, string $name, VarietyType $type = VarietyType::OpenPollinated, string $generation = '', string $note = ''): Variety
    {
        return Variety::query()->create([
            'id' => $this->id(), 'crop' => $crop, 'name' => $name, 'type' => $type, 'generation' => $generation, 'note' => $note,
        ]);
    }

    /** @param  array<string, mixed>  $payload */
    public function cut(Planting $planting, string $at, array $payload, string $by = ''): Lot
    {
        $id = $this->id();
        $this->record($id, Subject::Lot, 'cut_down', $at, $payload, $by, new Begins(planting: $planting->id));

        return Lot::query()->with('variety')->findOrFail($id);
    }

    /** @param  ?Lot  $lot  of the garden's own that it was sown from; or $from, in words; $sprouts of a test of it, where they were potted on */
    public function sow(Variety $variety, string $on, int $plants, string $spot, string $from = '', string $by = '', ?Lot $lot = null, bool $sprouts = false, ?int $seeds = null): Planting
    {
        $id = $this->id();
        $this->record($id, Subject::Planting, 'sown', "$on 10:00", ['plants' => $plants, 'sown_from' => $from, 'lot' => $lot?->id, 'sprouts' => $sprouts, 'seeds' => $seeds], $by, new Begins($variety->id, spot: $spot));

        return Planting::query()->with('variety')->findOrFail($id);
    }

    /** @param  array<string, mixed>  $payload */
    public function see(Planting $planting, string $kind, string $at, array $payload = [], string $by = ''): void
    {
        $this->record($planting->id, Subject::Planting, $kind, $at, $payload, $by);
    }

    public function pick(Planting $planting, string $at, int $plants, ?int $fruits, ?float $grams, string $by = '', bool $tied = false, string $mother = ''): Lot
    {
        $id = $this->id();
        $this->record($id, Subject::Lot, 'picked', $at, ['plants' => $plants, 'fruits' => $fruits, 'mass_g' => $grams, 'tied' => $tied, 'mother' => $mother], $by, new Begins(planting: $planting->id));

        return Lot::query()->with('variety')->findOrFail($id);
    }

    /** @param  array<string, mixed>  $payload */
    public function cross(Planting $mothers, string $at, array $payload, string $by = ''): Lot
    {
        $id = $this->id();
        $this->record($id, Subject::Lot, 'cross_picked', $at, $payload, $by, new Begins(planting: $mothers->id));

        return Lot::query()->with('variety')->findOrFail($id);
    }

    /** @param  array<string, mixed>  $payload */
    public function pour(Variety $variety, string $at, array $payload): Lot
    {
        $id = $this->id();
        $this->record($id, Subject::Lot, 'poured_together', $at, $payload, begins: new Begins($variety->id));

        return Lot::query()->with('variety')->findOrFail($id);
    }

    /** @param  array<string, mixed>  $payload */
    public function happen(Lot $lot, string $kind, string $at, array $payload = [], string $by = ''): void
    {
        $this->record($lot->id, Subject::Lot, $kind, $at, $payload, $by);
    }

    public function note(Lot|Planting $of, string $at, string $text, string $by = ''): void
    {
        $this->record($of->id, $of instanceof Lot ? Subject::Lot : Subject::Planting, 'noted', $at, ['text' => $text], $by);
    }

    /** @param  array<string, float>  $weighings mass in g by moment */
    public function weigh(Lot $lot, array $weighings): void
    {
        foreach ($weighings as $at => $grams) {
            $this->happen($lot, 'weighed', $at, ['mass_g' => $grams]);
        }
    }

    /**
     * A whole test.
     *
     * @param  array<int, list<int>>  $counts  new normal seedlings in each replicate, by day
     */
    public function test(Lot $lot, string $start, int $replicates, int $seeds, float $temperature, array $counts, bool $ended, string $method = 'damp_towel'): void
    {
        $test = $this->id();
        $this->happen($lot, 'test_started', "$start 18:00", [
            'test' => $test, 'replicates' => $replicates, 'seeds' => $seeds, 'temperature_c' => $temperature, 'method' => $method,
        ]);
        $at = new DateTimeImmutable("$start 18:00");
        foreach ($counts as $day => $normal) {
            $at = (new DateTimeImmutable("$start 09:00"))->modify("+$day days");
            $this->happen($lot, 'test_counted', $at->format('Y-m-d H:i'), [
                'test' => $test, 'normal' => $normal, 'abnormal' => array_fill(0, $replicates, 0),
            ]);
        }
        if ($ended) {
            $this->happen($lot, 'test_ended', $at->modify('+30 minutes')->format('Y-m-d H:i'), ['test' => $test]);
        }
    }

    public function store(Lot $lot, string $at, Place $place, string $container, ?float $grams, ?int $seeds = null): void
    {
        $this->happen($lot, 'stored', $at, ['container' => $container, 'place_id' => $place->id, 'mass_g' => $grams, 'seeds' => $seeds]);
    }

    /** @param  array<string, mixed>  $payload */
    public function receive(Variety $variety, string $at, array $payload): Lot
    {
        $id = $this->id();
        $this->record($id, Subject::Lot, 'received', $at, $payload, begins: new Begins($variety->id));

        return Lot::query()->with('variety')->findOrFail($id);
    }

    /** A vessel of the bench, which stands wherever it is used. */
    public function vessel(string $name, string $kind): Container
    {
        $vessel = Container::query()->create(['id' => $this->id(), 'name' => $name, 'kind' => $kind, 'note' => '']);
        $this->stores->forget();

        return $vessel;
    }

    /**
     * A part of a lot becomes a lot of its own.
     *
     * @param  array<string, mixed>  $payload
     */
    public function apart(Lot $of, string $at, array $payload, string $by = ''): Lot
    {
        $id = $this->id();
        $this->record($id, Subject::Lot, 'set_apart', $at, ['lot' => $of->id, ...$payload], $by, new Begins(lot: $of->id));

        return Lot::query()->with('variety')->findOrFail($id);
    }

    public function container(string $name, string $kind, Place $place, string $at): Container
    {
        $container = Container::query()->create(['id' => $this->id(), 'name' => $name, 'kind' => $kind, 'note' => '']);
        $this->stores->forget();
        $this->record($container->id, Subject::Container, 'placed', $at, ['place_id' => $place->id]);

        return $container;
    }

    /** Its keepers shut seed away as they always did, measured or not. */
    private const INSISTED = ['stored', 'divided', 'portioned', 'hand_pollinated', 'picked', 'sown'];

    /** @param  array<string, mixed>  $payload */
    private function record(string $about, Subject $subject, string $kind, string $at, array $payload, string $by = '', ?Begins $begins = null): void
    {
        // Written down on the same evening, as they would have.
        $this->clock->turnedTo($this->moment($at)->setTime(23, 0), fn () => $this->recorder->must(new Draft($this->id(), $subject, $about, $kind, Draft::at($this->moment($at)), $payload, $begins, $by, evenSo: in_array($kind, self::INSISTED, true)), new Acting));
    }

    private function id(): string
    {
        return Uuid::uuid5(self::NAMESPACE, (string) $this->ids++)->toString();
    }
}
