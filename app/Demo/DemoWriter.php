<?php

declare(strict_types=1);

namespace App\Demo;

use App\Journal\Draft;
use App\Journal\JournalWriter;
use App\Models\Lot;
use App\Models\Planting;
use App\Models\StorePlace;
use App\Models\Variety;
use DateTimeImmutable;
use Marrow\Core\Botany\VarietyType;
use Marrow\Core\Journal\EntryKind;
use Ramsey\Uuid\Uuid;

/** Writes the demo garden through the same door as a keeper's own hands, so it can hold nothing that they could not record. */
final class DemoWriter
{
    /** Ids are derived from a counter, so that every demo garden is the same one. */
    private const NAMESPACE = '6d617272-6f77-5000-8000-64656d6f0000';

    private int $ids = 0;

    public function __construct(private readonly JournalWriter $journal) {}

    public function place(string $name, float $temperature, float $rh): StorePlace
    {
        return StorePlace::query()->create(['id' => $this->id(), 'name' => $name, 'temperature_c' => $temperature, 'rh' => $rh]);
    }

    public function variety(string $crop, string $name, VarietyType $type = VarietyType::OpenPollinated, string $generation = '', string $note = ''): Variety
    {
        return Variety::query()->create([
            'id' => $this->id(), 'crop' => $crop, 'name' => $name, 'type' => $type, 'generation' => $generation, 'note' => $note,
        ]);
    }

    public function sow(Variety $variety, string $on, int $plants, string $spot, string $from = '', string $by = ''): Planting
    {
        return $this->journal->startPlanting(
            $this->id(),
            $variety,
            $spot,
            new Draft($this->id(), EntryKind::Sown, new DateTimeImmutable("$on 10:00"), ['plants' => $plants, 'sown_from' => $from], $by),
        );
    }

    /** @param  array<string, mixed>  $payload */
    public function see(Planting $planting, EntryKind $kind, string $at, array $payload = [], string $by = ''): void
    {
        $this->journal->aboutPlanting($planting, new Draft($this->id(), $kind, new DateTimeImmutable($at), $payload, $by));
    }

    public function pick(Planting $planting, string $at, int $plants, ?int $fruits, ?float $grams, string $by = ''): Lot
    {
        return $this->journal->startLot($this->id(), $planting, new Draft(
            $this->id(),
            EntryKind::Picked,
            new DateTimeImmutable($at),
            ['plants' => $plants, 'fruits' => $fruits, 'mass_g' => $grams],
            $by,
        ));
    }

    /** @param  array<string, mixed>  $payload */
    public function happen(Lot $lot, EntryKind $kind, string $at, array $payload = [], string $by = ''): void
    {
        $this->journal->aboutLot($lot, new Draft($this->id(), $kind, new DateTimeImmutable($at), $payload, $by));
    }

    public function note(Lot|Planting $of, string $at, string $text, string $by = ''): void
    {
        $draft = new Draft($this->id(), EntryKind::Noted, new DateTimeImmutable($at), ['text' => $text], $by);
        $of instanceof Lot ? $this->journal->aboutLot($of, $draft) : $this->journal->aboutPlanting($of, $draft);
    }

    /** @param  array<string, float>  $weighings mass in g by moment */
    public function weigh(Lot $lot, array $weighings): void
    {
        foreach ($weighings as $at => $grams) {
            $this->happen($lot, EntryKind::Weighed, $at, ['mass_g' => $grams]);
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
        $this->happen($lot, EntryKind::TestStarted, "$start 18:00", [
            'test' => $test, 'replicates' => $replicates, 'seeds' => $seeds, 'temperature_c' => $temperature, 'method' => $method,
        ]);
        $at = new DateTimeImmutable("$start 18:00");
        foreach ($counts as $day => $normal) {
            $at = (new DateTimeImmutable("$start 09:00"))->modify("+$day days");
            $this->happen($lot, EntryKind::TestCounted, $at->format('Y-m-d H:i'), [
                'test' => $test, 'normal' => $normal, 'abnormal' => array_fill(0, $replicates, 0),
            ]);
        }
        if ($ended) {
            $this->happen($lot, EntryKind::TestEnded, $at->modify('+30 minutes')->format('Y-m-d H:i'), ['test' => $test]);
        }
    }

    public function store(Lot $lot, string $at, StorePlace $place, string $container, ?float $grams, ?int $seeds = null): void
    {
        $this->happen($lot, EntryKind::Stored, $at, [
            'container' => $container,
            'place' => $place->name,
            'temperature_c' => $place->temperature_c,
            'rh' => $place->rh,
            'mass_g' => $grams,
            'seeds' => $seeds,
        ]);
    }

    private function id(): string
    {
        return Uuid::uuid5(self::NAMESPACE, (string) $this->ids++)->toString();
    }
}
