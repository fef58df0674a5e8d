<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\Support\Keeper;
use Tests\TestCase;

/** Past forecasts are held against the tests that came after them, as they stood before those tests. */
final class HindsightTest extends TestCase
{
    public function test_with_nothing_tested_it_says_so(): void
    {
        $this->getJson('/api/forecasts')->assertOk()->assertJsonPath('checks', [])->assertJsonPath('store', null);
    }

    public function test_a_forecast_is_as_it_stood_before_its_test(): void
    {
        $keeper = new Keeper($this);
        $lot = $keeper->storedTomato();
        $said = $keeper->section($lot, 'store')['forecast'];
        $this->test($keeper, $lot, 'a', '2026-08-20T10:00', 23);
        $this->test($keeper, $lot, 'b', '2026-09-05T10:00', 11);

        $found = $this->getJson('/api/forecasts')->assertOk();
        self::assertSame(['2026-09-05T10:00', '2026-08-20T10:00'], array_column($found->json('checks'), 'tested_on'), 'the newest first');
        [$second, $first] = $found->json('checks');
        // Hardly aged, it is what was said of it while it was untested.
        self::assertEqualsWithDelta($said['share'], $first['share'], 0.002);
        self::assertTrue($first['held'], '23 of 25 came up');
        self::assertGreaterThan($first['low'], $first['found']);
        // After the first test much less is open, and 11 of 25 is not what it would find.
        self::assertFalse($second['held']);
        self::assertStringEndsWith('It found 44 %. Worse than that.', str_replace("\u{A0}", ' ', $second['sentence']));
        self::assertStringStartsWith('1 of 2 forecasts held', str_replace("\u{A0}", ' ', $found->json('sentence')));
    }

    public function test_a_test_before_anything_could_be_forecast_is_left_out(): void
    {
        $keeper = new Keeper($this);
        $lot = $keeper->pick($keeper->sow($keeper->variety()), '2026-08-01T10:00');
        $keeper->records($lot, 'rinsed', '2026-08-02T10:00');
        $keeper->records($lot, 'spread', '2026-08-02T11:00', ['surface' => 'plate']);
        $this->test($keeper, $lot, 'a', '2026-08-20T10:00', 20);
        $this->getJson('/api/forecasts')->assertOk()->assertJsonPath('checks', []);
    }

    private function test(Keeper $keeper, string $lot, string $test, string $at, int $up): void
    {
        $id = sprintf('01990000-0000-7000-8000-0000000000%02x', ord($test));
        $keeper->records($lot, 'test_started', $at, ['test' => $id, 'replicates' => 1, 'seeds' => 25, 'temperature_c' => 24, 'method' => 'dish']);
        $keeper->records($lot, 'test_counted', substr($at, 0, 8).sprintf('%02d', (int) substr($at, 8, 2) + 7).'T10:00', ['test' => $id, 'normal' => [$up], 'abnormal' => [0]]);
        $keeper->records($lot, 'test_ended', substr($at, 0, 8).sprintf('%02d', (int) substr($at, 8, 2) + 8).'T10:00', ['test' => $id]);
    }
}
