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

    public function variety(string $crop = 'tomato', string $name = 'Sluice Gate', string $type = 'open_pollinated'): string
    {
        $id = (string) Str::uuid7();
        $this->test->postJson('/api/varieties', ['id' => $id, 'crop' => $crop, 'name' => $name, 'type' => $type])->assertOk();

        return $id;
    }

    /** @return string code of the planting */
    public function sow(string $variety, string $at = '2026-03-20T10:00', int $plants = 10, ?string $lot = null): string
    {
        return $this->sends([
            'about' => ['subject' => 'planting', 'id' => (string) Str::uuid7()],
            'begins' => ['variety' => $variety, 'spot' => 'Glasshouse'],
            'kind' => 'sown',
            'happened_at' => $at,
            'payload' => ['plants' => $plants, ...($lot === null ? [] : ['lot' => $lot])],
        ])->assertOk()->json('answers.0.code');
    }

    /**
     * @param  array<string, mixed>  $payload
     * @return string code of the new lot
     */
    public function pick(string $planting, string $at, array $payload = ['plants' => 4, 'fruits' => 12, 'mass_g' => 1500]): string
    {
        return $this->sends([
            'about' => ['subject' => 'lot', 'id' => (string) Str::uuid7()],
            'begins' => ['planting' => $this->idOf($planting)],
            'kind' => 'picked',
            'happened_at' => $at,
            'payload' => $payload,
        ])->assertOk()->json('answers.0.code');
    }

    /**
     * @param  string  $code  of a lot or a planting
     * @param  array<string, mixed>  $payload
     */
    public function tries(string $code, string $kind, string $at, array $payload = [], ?string $id = null, bool $evenSo = false): TestResponse
    {
        return $this->sends($this->draft($code, $kind, $at, $payload, $id) + ['even_so' => $evenSo]);
    }

    /**
     * @param  array<string, mixed>  $payload
     * @return string id of the entry
     */
    public function records(string $code, string $kind, string $at, array $payload = []): string
    {
        return $this->tries($code, $kind, $at, $payload)->assertOk()->json('answers.0.entry');
    }

    /**
     * @param  array<string, mixed>  $payload
     * @return array<string, mixed> as the browser sends it
     */
    public function draft(string $code, string $kind, string $at, array $payload = [], ?string $id = null): array
    {
        return [
            'id' => $id ?? (string) Str::uuid7(),
            'about' => ['subject' => $code[0] === 'P' ? 'planting' : 'lot', 'id' => $this->idOf($code)],
            'kind' => $kind,
            'happened_at' => $at,
            'payload' => $payload,
        ];
    }

    /** @param  array<string, mixed>  ...$drafts */
    public function sends(array ...$drafts): TestResponse
    {
        return $this->test->postJson('/api/entries', [
            'drafts' => array_map(static fn (array $draft): array => $draft + ['id' => (string) Str::uuid7()], array_values($drafts)),
        ]);
    }

    /** @return string id of a lot or planting */
    public function idOf(string $code): string
    {
        return $this->test->getJson(($code[0] === 'P' ? '/api/plantings/' : '/api/lots/').$code)->assertOk()->json('id');
    }

    /** @return array<string, mixed> a section of a lot's worksheet */
    public function section(string $lot, string $section): array
    {
        return collect($this->test->getJson("/api/lots/$lot")->assertOk()->json('sections'))->firstWhere('section', $section) ?? [];
    }

    public function strikes(string $entry): string
    {
        return $this->test->postJson("/api/entries/$entry/strike", ['id' => (string) Str::uuid7()])->assertOk()->json('answers.0.entry');
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
