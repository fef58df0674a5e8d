<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** Does through the HTTP API what a keeper does in the browser. */
final class Keeper
{
    public function __construct(private readonly TestCase $test) {}

    public function variety(string $crop = 'tomato', string $name = 'Sluice Gate'): string
    {
        $id = (string) Str::uuid7();
        $this->test->postJson('/api/varieties', ['id' => $id, 'crop' => $crop, 'name' => $name, 'type' => 'open_pollinated'])->assertOk();

        return $id;
    }

    /** @return string code of the planting */
    public function sow(string $variety, string $at = '2026-03-20T10:00', int $plants = 10): string
    {
        return $this->test->postJson('/api/plantings', [
            'id' => (string) Str::uuid7(),
            'planting' => (string) Str::uuid7(),
            'variety' => $variety,
            'spot' => 'Glasshouse',
            'happened_at' => $at,
            'payload' => ['plants' => $plants],
        ])->assertOk()->json('code');
    }

    /**
     * @param  array<string, mixed>  $payload
     * @return string code of the new lot
     */
    public function pick(string $planting, string $at, array $payload = ['plants' => 4, 'fruits' => 12, 'mass_g' => 1500]): string
    {
        return $this->test->postJson("/api/plantings/$planting/lots", [
            'id' => (string) Str::uuid7(),
            'lot' => (string) Str::uuid7(),
            'happened_at' => $at,
            'payload' => $payload,
        ])->assertOk()->json('code');
    }

    /** @param  array<string, mixed>  $payload */
    public function tries(string $lot, string $kind, string $at, array $payload = [], ?string $id = null): TestResponse
    {
        return $this->test->postJson("/api/lots/$lot/entries", [
            'id' => $id ?? (string) Str::uuid7(),
            'kind' => $kind,
            'happened_at' => $at,
            'payload' => $payload,
        ]);
    }

    /**
     * @param  array<string, mixed>  $payload
     * @return string id of the entry
     */
    public function records(string $lot, string $kind, string $at, array $payload = []): string
    {
        return $this->tries($lot, $kind, $at, $payload)->assertOk()->json('entry');
    }

    public function strikes(string $entry): string
    {
        return $this->test->postJson("/api/entries/$entry/strike", ['id' => (string) Str::uuid7()])->assertOk()->json('entry');
    }

    /** A tomato lot, fermented, dried and stored in a jar with a known moisture. */
    public function storedTomato(string $variety = 'Sluice Gate'): string
    {
        $lot = $this->pick($this->sow($this->variety('tomato', $variety)), '2026-08-01T10:00');
        $this->records($lot, 'ferment_started', '2026-08-01T12:00', ['temperature_c' => 24, 'cover' => 'cloth']);
        $this->records($lot, 'poured_off', '2026-08-03T20:00', ['passes' => 4]);
        $this->records($lot, 'rinsed', '2026-08-03T20:20');
        $this->records($lot, 'spread', '2026-08-03T20:30', ['surface' => 'plate', 'mass_g' => 20, 'moisture' => 50]);
        $this->records($lot, 'weighed', '2026-08-08T09:00', ['mass_g' => 10.8]);
        $this->records($lot, 'stored', '2026-08-09T09:00', [
            'container' => 'jar', 'place' => 'Old fridge', 'temperature_c' => 5, 'rh' => 60, 'mass_g' => 10.8, 'seeds' => 3600,
        ]);

        return $lot;
    }
}
