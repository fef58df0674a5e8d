<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\Support\Keeper;
use Tests\TestCase;

/** One lot through the whole job, over HTTP. */
final class SliceTest extends TestCase
{
    public function test_from_the_ripe_fruit_to_a_labelled_packet_with_a_forecast(): void
    {
        $keeper = new Keeper($this);
        $planting = $keeper->sow($keeper->variety());
        self::assertSame('P1', $planting);
        $lot = $keeper->pick($planting, '2026-08-01T10:00');
        self::assertSame('L1', $lot);
        $this->getJson('/api/places/bench')->assertJsonPath('items.0.tag.code', 'L1')->assertJsonPath('items.0.label', 'picked');

        $keeper->records($lot, 'ferment_started', '2026-08-01T12:00', ['temperature_c' => 24, 'cover' => 'cloth']);
        $sheet = $this->getJson("/api/lots/$lot")->assertOk();
        // 72 h × 2^(−0.3) = 58.48 h, from two thirds of it to twice.
        $sheet->assertJsonPath('sections.0.vessel.opens', '2026-08-03T02:59')
            ->assertJsonPath('sections.0.vessel.usual', '2026-08-03T22:28')
            ->assertJsonPath('sections.0.vessel.latest', '2026-08-06T08:57');
        self::assertStringContainsString('At 24 °C the gel lets go after about 58 h, and by 117 h seed may sprout', self::plain($sheet->json('tasks.0.why')));
        self::assertSame(['poured_off', 'filled', 'stirred', 'in_vessel', 'seed_lost', 'noted'], array_column($sheet->json('offers'), 'kind'));

        $keeper->records($lot, 'poured_off', '2026-08-03T20:00', ['passes' => 4]);
        $keeper->records($lot, 'rinsed', '2026-08-03T20:20');
        $keeper->records($lot, 'spread', '2026-08-03T20:30', ['surface' => 'plate', 'mass_g' => 20, 'moisture' => 50]);
        $keeper->records($lot, 'weighed', '2026-08-05T09:00', ['mass_g' => '12,5']);
        $drying = $keeper->section($lot, 'drying');
        self::assertSame('drying', $drying['verdict']);
        self::assertEqualsWithDelta(20.0, $drying['moisture'], 1e-9);
        self::assertEqualsWithDelta(10 / 0.93, $drying['target_grams'], 1e-9);
        self::assertStringContainsString('It will be there when it weighs 10.8 g', self::plain($drying['sentence']));
        $keeper->records($lot, 'weighed', '2026-08-08T09:00', ['mass_g' => 10.7]);
        self::assertSame('dry_enough', $keeper->section($lot, 'drying')['verdict']);

        $keeper->records($lot, 'stored', '2026-08-09T09:00', [
            'container' => 'jar', 'place' => 'Old fridge', 'temperature_c' => 5, 'rh' => 60, 'mass_g' => 10.8, 'seeds' => 3600,
        ]);
        $keeper->records($lot, 'test_started', '2026-08-10T18:00', ['test' => 't-1', 'replicates' => 2, 'seeds' => 25, 'temperature_c' => 24, 'method' => 'damp_towel']);
        $keeper->records($lot, 'test_counted', '2026-08-15T09:00', ['test' => 't-1', 'normal' => [14, 13], 'abnormal' => [0, 0]]);
        $keeper->records($lot, 'test_counted', '2026-08-18T09:00', ['test' => 't-1', 'normal' => [8, 6], 'abnormal' => [0, 1]]);
        $keeper->records($lot, 'test_ended', '2026-08-24T09:00', ['test' => 't-1']);

        $test = $keeper->section($lot, 'test');
        $store = $keeper->section($lot, 'store');
        // By prop.test in R.
        self::assertEqualsWithDelta(0.82, $test['rate'], 1e-12);
        self::assertEqualsWithDelta(0.6920394633, $test['low'], 1e-9);
        self::assertEqualsWithDelta(0.9022980733, $test['high'], 1e-9);
        self::assertSame('82 %, likely 69 to 90 % of the seed came up.', self::plain($test['sentence']));
        // ⌈ln 0.05 / ln 0.18⌉ = 2; 36 seeds for 24 plants from 41 of 50.
        self::assertStringContainsString('Sow 2 to a module', $test['sowing']);
        self::assertStringContainsString('36 seeds for 24 plants', self::plain($test['sowing']));
        self::assertNull($test['t50'], 'half of the 41 were up at the first count: nobody saw when');

        self::assertSame('3 550 seeds, 10.7 g', self::plain($store['stock']), 'the 50 tested have left the jar');
        // 41 of 50, drawn a little to what such seed usually is.
        self::assertEqualsWithDelta(0.82, $store['forecast']['points'][0]['share'], 0.01);
        self::assertStringContainsString('of 50 seeds came up, 10 August 2026', self::plain(implode(' ', $store['forecast']['ground'])));
        self::assertStringContainsString('Marrow has no published constants for tomato', self::plain(implode(' ', $store['forecast']['ground'])));

        $keeper->records($lot, 'withdrawn', '2026-09-01T09:00', ['purpose' => 'gift', 'seeds' => 50, 'to' => 'the seed table']);
        self::assertSame('3 500 seeds, 10.5 g', self::plain($keeper->section($lot, 'store')['stock']));
    }

    public function test_a_struck_weighing_takes_every_figure_back_with_it(): void
    {
        $keeper = new Keeper($this);
        $lot = $keeper->pick($keeper->sow($keeper->variety()), '2026-09-01T10:00');
        $keeper->records($lot, 'rinsed', '2026-09-01T11:00');
        $keeper->records($lot, 'spread', '2026-09-01T12:00', ['surface' => 'mesh', 'mass_g' => 20, 'moisture' => 50]);
        $before = $this->figures($lot);
        $weighed = $keeper->records($lot, 'weighed', '2026-09-05T12:00', ['mass_g' => 10.7]);
        self::assertSame('dry_enough', $keeper->section($lot, 'drying')['verdict']);
        self::assertSame('put_away', $this->getJson('/api/today')->json('now.0.kind'));

        $strike = $keeper->strikes($weighed);
        self::assertEquals($before, $this->figures($lot));
        $this->getJson('/api/places/racks')->assertJsonPath('items.0.task.kind', 'weigh');
        $entries = $this->getJson("/api/lots/$lot")->json('entries');
        self::assertTrue($entries[0]['struck']);
        self::assertSame($strike, $entries[0]['strike']);

        $keeper->strikes($strike);
        self::assertSame('dry_enough', $keeper->section($lot, 'drying')['verdict']);
    }

    public function test_an_entry_left_hanging_by_a_strike_is_shown_with_the_reason(): void
    {
        $keeper = new Keeper($this);
        $lot = $keeper->pick($keeper->sow($keeper->variety()), '2026-09-01T10:00');
        $ferment = $keeper->records($lot, 'ferment_started', '2026-09-01T12:00', ['temperature_c' => 24, 'cover' => 'cloth']);
        $keeper->records($lot, 'poured_off', '2026-09-04T12:00', ['passes' => 2]);
        $keeper->strikes($ferment);
        $entries = $this->getJson("/api/lots/$lot")->json('entries');
        self::assertSame('poured_off', $entries[0]['kind']);
        self::assertStringContainsString('Only a working ferment, or what was filled with water, can be poured off', $entries[0]['adrift']);
        $this->getJson("/api/lots/$lot")->assertJsonPath('stage', 'picked');
    }

    /** @return array<string, mixed> */
    private function figures(string $lot): array
    {
        $sheet = $this->getJson("/api/lots/$lot")->assertOk()->json();
        unset($sheet['entries']);
        // Task rows are written afresh; their row number means nothing.
        $sheet['tasks'] = array_map(static fn (array $task): array => ['id' => 0, ...array_diff_key($task, ['id' => 0])], $sheet['tasks']);

        return $sheet;
    }

    /** With ordinary spaces, as it reads. */
    private static function plain(string $text): string
    {
        return str_replace("\u{00A0}", ' ', $text);
    }
}
