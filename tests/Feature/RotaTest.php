<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Clock;
use App\Rota\GardenRota;
use App\Sharing\Forgetting;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\Support\Keeper;
use Tests\TestCase;

/** This year's list, the rota of a garden, what moving a growing costs, and its way into the plan. */
final class RotaTest extends TestCase
{
    private Keeper $keeper;

    /** @var array<string, string> id of the variety by name */
    private array $line = [];

    protected function setUp(): void
    {
        parent::setUp();
        $this->keeper = new Keeper($this);
    }

    public function test_an_empty_garden_has_nothing_to_grow(): void
    {
        $rota = $this->rota();
        self::assertSame([true, [], [], []], [$rota['fits'], $rota['lines'], $rota['now'], $rota['collisions']]);
        self::assertSame(range(2027, 2032), $rota['seasons']);
    }

    public function test_a_failing_test_puts_a_line_on_the_list_with_its_reasons_and_only_a_harvest_takes_it_off(): void
    {
        $lot = $this->lot('lettuce', 'Spindrift', 2025, 400);
        self::assertStringNotContainsString('last lot', implode(' ', $this->now('Spindrift')['reasons']));
        // Of forty seeds eleven came up: another year and it is gone.
        $this->tested($lot, 40, 11, '2026-08-20');
        $row = $this->now('Spindrift');
        self::assertSame(['now', $lot], [$row['when'], $row['lot']]);
        self::assertMatchesRegularExpression("/^$lot can still renew it with \\d+.%\\. By 2028 that is \\d+.%\\. $lot is the last lot of it\\.$/u", implode(' ', $row['reasons']));

        $this->postJson('/api/rota/plan', ['year' => 2027, 'lines' => [$this->line['Spindrift']]])->assertOk();
        $plan = $this->getJson('/api/plans/2027')->assertOk()->json('content.plantings');
        self::assertSame([[$this->line['Spindrift'], 'seed', $this->keeper->idOf($lot)]], array_map(static fn (array $one): array => [$one['variety'], $one['purpose'], $one['lot']], $plan));
        self::assertTrue($this->now('Spindrift')['is_planned']);
        // Asked again it is not planned twice.
        $this->postJson('/api/rota/plan', ['year' => 2027, 'lines' => [$this->line['Spindrift']]])->assertOk();
        self::assertCount(1, $this->getJson('/api/plans/2027')->json('content.plantings'));

        // Another planting of it, sown and picked this summer: what was sown says nothing, what was picked does.
        $planting = $this->keeper->sow($this->line['Spindrift'], '2026-04-02T10:00', 12, $this->keeper->idOf($lot));
        self::assertSame('now', $this->now('Spindrift')['when']);
        $picked = $this->keeper->pick($planting, '2026-08-25T10:00', ['plants' => 12, 'mass_g' => 300]);
        $row = $this->now('Spindrift');
        self::assertSame($picked, $row['lot']);
        self::assertStringNotContainsString('can still renew', implode(' ', $row['reasons']));
    }

    public function test_what_presses_and_has_no_room_is_said_not_to_be_grown(): void
    {
        $this->poor('lettuce', 'Spindrift');
        $this->set('rota_area', '0');
        $row = $this->now('Spindrift');
        self::assertSame('later', $row['when']);
        self::assertStringStartsWith('The rota has no room for it: it is kept until 2033 with ', $row['waits']);
        self::assertSame([], $this->rota()['lines'][0]['growings']);
    }

    public function test_what_would_cross_is_reckoned_also_where_no_plan_is_drawn_and_that_is_said(): void
    {
        $this->lot('parsnip', 'Groyne', 2025, 900);
        $this->lot('parsnip', 'Keelson', 2025, 900);
        $rota = $this->rota();
        self::assertCount(1, $rota['crossings']);
        self::assertStringStartsWith('No plan is drawn yet: what would cross is reckoned for a garden of 20 by 12 m', $rota['ground']);
        $this->plan();
        self::assertSame('', $this->rota()['ground']);
        self::assertSame(['preferred', 'not_before', 'weight', 'plants', 'hours', 'uses', 'promised', 'sent', 'let_go'], array_column(array_filter($this->getJson('/api/forms/rota.line')->assertOk()->json(), static fn (array $field): bool => ! $field['hidden']), 'key'));
    }

    public function test_pins_are_kept_to_and_the_same_wish_sent_twice_is_one(): void
    {
        $this->lot('lettuce', 'Spindrift', 2025, 4000);
        $this->lot('pea', 'Hawser', 2025, 600);
        $this->wish(0, [['line' => $this->line['Spindrift'], 'pinned' => [2030], 'not_before' => 2029], ['line' => $this->line['Hawser'], 'forbidden' => ['2027', 2028]]])->assertOk();
        $rota = $this->rota();
        self::assertTrue($rota['fits']);
        $growings = array_column($this->line($rota, 'Spindrift')['growings'], 'pinned', 'sow');
        self::assertTrue($growings[2030]);
        self::assertGreaterThanOrEqual(2029, min(array_keys($growings)));
        self::assertSame([], array_intersect([2027, 2028], array_column($this->line($rota, 'Hawser')['growings'], 'sow')));
        self::assertSame([2027, 2028], $this->line($rota, 'Spindrift')['forbidden']);
        self::assertSame([2027, 2028], $this->line($rota, 'Hawser')['forbidden']);
        $this->wish(0, [['line' => $this->line['Spindrift'], 'pinned' => [2030], 'not_before' => 2029], ['line' => $this->line['Hawser'], 'forbidden' => [2027, 2028]]])->assertOk();
        $this->wish(0, [['line' => $this->line['Spindrift'], 'pinned' => [2031]]])->assertConflict();
        self::assertSame(1, DB::table('rota_versions')->count());
        self::assertStringContainsString('What was wanted', $this->getJson('/api/journal')->assertOk()->content());
    }

    public function test_what_cannot_be_wanted_is_said_at_its_place(): void
    {
        $this->lot('lettuce', 'Spindrift', 2025, 4000);
        foreach ([
            ['lines.0.weight', ['line' => $this->line['Spindrift'], 'weight' => 'much']],
            ['lines.0.plants', ['line' => $this->line['Spindrift'], 'plants' => 0]],
            ['lines.0.pinned', ['line' => $this->line['Spindrift'], 'pinned' => ['soon']]],
            ['wish.lines.0.line', ['line' => '0190a000-0000-7000-8000-000000000000', 'let_go' => true]],
        ] as [$at, $line]) {
            self::assertSame([$at], array_keys($this->wish(0, [$line])->assertUnprocessable()->json('errors')));
        }
        self::assertSame(0, DB::table('rota_versions')->count());
    }

    public function test_lines_are_called_as_one_writes_them(): void
    {
        $this->poor('french-bean', 'Lanyard');
        $this->poor('leek', '');
        $rota = $this->rota();
        self::assertEqualsCanonicalizing([['Lanyard', 'French bean'], ['Name unknown', 'leek']], array_map(static fn (array $line): array => [$line['name'], $line['crop_name']], $rota['lines']));
        self::assertEqualsCanonicalizing([['Lanyard', 'French bean'], ['Name unknown', 'leek']], array_map(static fn (array $row): array => [$row['name'], $row['crop_name']], $rota['now']));
        self::assertStringStartsWith('Lanyard, French bean is ', $this->line($rota, 'Lanyard')['told']);
        self::assertStringStartsWith('Name unknown, leek is ', $this->line($rota, 'Name unknown')['told']);
    }

    public function test_a_line_sent_to_another_keeper_has_no_part_and_their_name_can_be_forgotten(): void
    {
        $this->lot('lettuce', 'Spindrift', 2025, 4000);
        $this->wish(0, [['line' => $this->line['Spindrift'], 'sent' => 'Orla Fennimore']])->assertOk();
        $rota = $this->rota();
        self::assertSame([], $rota['lines']);
        self::assertSame('Grown by Orla Fennimore.', $rota['apart'][0]['why']);
        app(Forgetting::class)->forget('Orla Fennimore');
        self::assertSame('Grown by somebody.', $this->rota()['apart'][0]['why']);
        self::assertStringNotContainsString('Fennimore', (string) DB::table('rota_versions')->value('document'));
    }

    public function test_two_that_would_cross_cost_more_in_one_year_and_pins_that_collide_have_their_ways_out(): void
    {
        $this->plan();
        $this->lot('parsnip', 'Groyne', 2025, 900);
        $this->lot('parsnip', 'Keelson', 2025, 900);
        $this->set('rota_cages', '0');
        $rota = $this->rota();
        self::assertCount(1, $rota['crossings']);
        self::assertStringStartsWith('Groyne, parsnip and Keelson, parsnip would cross: ', $rota['crossings'][0]);
        $harvests = static fn (array $line): array => array_column($line['growings'], 'harvest');
        self::assertSame([], array_intersect($harvests($this->line($rota, 'Groyne')), $harvests($this->line($rota, 'Keelson'))));

        $this->wish(0, [['line' => $this->line['Groyne'], 'pinned' => [2028]], ['line' => $this->line['Keelson'], 'pinned' => [2028]]])->assertOk();
        $rota = $this->rota();
        self::assertFalse($rota['fits']);
        self::assertMatchesRegularExpression('/^Groyne, parsnip and Keelson, parsnip (need \d cages? in 2029, and there are 0 cages|would cross in 2029, and nothing keeps them apart)\.$/', $rota['collisions'][0]['says']);
        $ways = array_column($rota['collisions'][0]['ways'], 'give_up');
        foreach (['unpin', 'sent', 'let_go'] as $way) {
            self::assertContains($way, $ways);
        }
        $this->postJson('/api/rota/agreed', ['work' => $this->found()['id']])->assertUnprocessable();
        // There is a rota all the same: the one without those pins.
        self::assertNotSame([], $this->line($rota, 'Keelson')['growings']);
        self::assertStringStartsWith('Without the pins that collide: ', $rota['told']);
    }

    public function test_what_a_move_costs_is_the_difference_of_the_two_rotas(): void
    {
        $this->poor('lettuce', 'Spindrift');
        $work = $this->found();
        $line = $work['found']['lines'][0];
        $sow = $line['growings'][0]['sow'];
        $moved = $this->postJson('/api/rota/moved', ['work' => $work['id'], 'line' => $line['id'], 'from' => $sow, 'to' => $sow + 2])->assertOk()->json();
        self::assertTrue($moved['fits']);
        self::assertGreaterThan(0.0, $moved['price']);
        self::assertStringStartsWith('As dear as ', $moved['says']);
        // Pinned there and nowhere else it costs just so much more.
        $others = array_values(array_diff(range(2027, 2032), [$sow + 2], array_column(array_slice($line['growings'], 1), 'sow')));
        $this->wish(0, [['line' => $line['id'], 'pinned' => [$sow + 2, ...array_column(array_slice($line['growings'], 1), 'sow')], 'forbidden' => $others]])->assertOk();
        self::assertEqualsWithDelta($work['found']['cost'] + $moved['price'], $this->rota()['cost'], 1e-9);

        $this->postJson('/api/rota/moved', ['work' => $work['id'], 'line' => 'nobody', 'from' => 2027, 'to' => 2028])->assertUnprocessable();
        $this->postJson('/api/rota/moved', ['work' => $work['id'], 'line' => $line['id'], 'from' => $sow, 'to' => 2040])->assertUnprocessable()->assertJsonPath('errors.to.0', 'Sown then it would not give seed by the end of 2032.');
        $this->postJson('/api/rota/moved', ['work' => 'gone', 'line' => $line['id']])->assertUnprocessable();
    }

    public function test_one_year_can_have_limits_of_its_own(): void
    {
        $this->poor('lettuce', 'Spindrift');
        $this->set('rota_area', '50');
        $this->putJson('/api/rota/wish', ['version' => 0, 'wish' => ['lines' => [], 'years' => [['year' => 2027, 'area_m2' => 0]]], 'said' => 'A year away'])->assertOk();
        $rota = $this->rota();
        self::assertSame([0, 50], [$rota['years'][0]['area_limit'], $rota['years'][1]['area_limit']]);
        self::assertNotContains(2027, array_column($rota['lines'][0]['growings'], 'sow'));
    }

    public function test_ground_that_rests_between_kin_rules_years_out(): void
    {
        $this->plan();
        $this->lot('parsnip', 'Groyne', 2025, 900);
        self::assertSame([], $this->line($this->rota(), 'Groyne')['forbidden']);
        $this->set('rota_rest', '3');
        // The only bed had parsnips in 2026.
        self::assertSame([2027, 2028, 2029], $this->line($this->rota(), 'Groyne')['forbidden']);
    }

    public function test_what_stands_for_seed_is_seed_to_come_and_is_not_sown_again_until_then(): void
    {
        $lot = $this->lot('lettuce', 'Spindrift', 2024, 300);
        $this->tested($lot, 40, 9, '2026-02-20');
        $this->postJson('/api/rota/plan', ['year' => 2026, 'lines' => [$this->line['Spindrift']]])->assertOk();
        $before = $this->line($this->rota(), 'Spindrift')['alive'];
        $planting = $this->keeper->sow($this->line['Spindrift'], '2026-03-02T10:00', 12, $this->keeper->idOf($lot));
        $row = $this->now('Spindrift');
        self::assertSame(["$planting stands for seed, ripe in 2026.", 'wait'], [$row['stands'], $row['when']]);
        // Nine growings of ten give seed, and that is sound.
        self::assertEqualsWithDelta(1.0 - (1.0 - $before[0]) * 0.1, $this->line($this->rota(), 'Spindrift')['alive'][0], 0.01);
        $this->keeper->pick($planting, '2026-08-25T10:00', ['plants' => 12, 'mass_g' => 300]);
        self::assertSame('', $this->now('Spindrift')['stands']);
    }

    public function test_since_a_rota_was_agreed_on_what_changed_is_told_by_the_record_that_changed_it(): void
    {
        $lot = $this->lot('lettuce', 'Spindrift', 2025, 400);
        $this->postJson('/api/rota/agreed', ['work' => $this->found()['id']])->assertOk();
        self::assertSame([], $this->rota()['changes']);
        config(['marrow.now' => '2026-09-20T10:00']);
        $this->app->forgetInstance(Clock::class);
        $this->app->forgetScopedInstances();
        $this->tested($lot, 40, 11, '2026-09-01');
        $changes = $this->rota()['changes'];
        self::assertSame(['Spindrift, lettuce'], array_column($changes, 'name'));
        self::assertMatchesRegularExpression('/^In 2027 its seed can renew it with \d+.%; it was reckoned .*%\.$/u', $changes[0]['says']);
        self::assertStringContainsString('11', implode(' ', $changes[0]['by']));
        self::assertSame('Monday 14 September', $this->rota()['agreed']);
    }

    public function test_a_line_of_which_nothing_is_left_is_told_and_one_that_stands_yet_has_its_part(): void
    {
        $lot = $this->lot('lettuce', 'Spindrift', 2025, 100);
        $planting = $this->keeper->sow($this->line['Spindrift'], '2026-03-02T10:00', 12, $this->keeper->idOf($lot));
        $picked = $this->keeper->pick($planting, '2026-08-25T10:00', ['plants' => 12, 'mass_g' => 300]);
        foreach ([$lot, $picked] as $code) {
            $this->keeper->records($code, 'seed_lost', '2026-09-01T10:00', ['how' => 'eaten']);
        }
        $rota = $this->rota();
        self::assertSame([], $rota['lines']);
        self::assertSame([['Spindrift', 'No seed of it is left.']], array_map(static fn (array $one): array => [$one['name'], $one['why']], $rota['apart']));
    }

    public function test_it_is_played_with_it_and_without(): void
    {
        $this->poor('lettuce', 'Spindrift');
        $id = $this->postJson('/api/rota/play', [])->assertOk()->json('id');
        $play = $this->getJson("/api/works/$id")->assertOk()->assertJsonPath('state', 'done')->json('found');
        self::assertSame([1000, 10], [$play['plays'], $play['years']]);
        self::assertGreaterThan($play['lost'] + 0.2, $play['lost_without']);
        self::assertSame(['Spindrift'], array_column($play['lines'], 'name'));
    }

    public function test_without_a_file_the_command_prints_that_of_the_garden(): void
    {
        $this->poor('lettuce', 'Spindrift');
        self::assertSame(0, Artisan::call('marrow:rota'));
        $answer = json_decode(Artisan::output(), true);
        self::assertTrue($answer['fits']);
        self::assertSame(['Spindrift, lettuce'], array_column($answer['lines'], 'name'));
        self::assertSame([$this->line['Spindrift']], array_map(static fn ($line): string => $line->id, app(GardenRota::class)->of()->problem->lines));
    }

    private function lot(string $crop, string $name, int $year, int $seeds): string
    {
        $this->line[$name] = $this->keeper->variety($crop, $name);

        $lot = $this->keeper->sends([
            'about' => ['subject' => 'lot', 'id' => (string) Str::uuid7()],
            'begins' => ['variety' => $this->line[$name]],
            'kind' => 'received',
            'happened_at' => '2026-01-10T10:00',
            'payload' => ['how' => 'swapped', 'from' => 'Quay swap', 'year' => $year, 'seeds' => $seeds],
        ])->assertOk()->json('answers.0.code');
        $this->keeper->records($lot, 'stored', '2026-01-10T11:00', ['container' => 'paper_envelope', 'place' => 'Hall cupboard', 'temperature_c' => 18, 'rh' => 50]);

        return $lot;
    }

    /** Of which little is left alive. */
    private function poor(string $crop, string $name): void
    {
        $this->tested($this->lot($crop, $name, 2024, 300), 40, 11, '2026-08-20');
    }

    private function tested(string $lot, int $sown, int $up, string $day): void
    {
        $this->keeper->records($lot, 'test_result', $day.'T10:00', ['test' => (string) Str::uuid7(), 'seeds' => $sown, 'up' => $up]);
    }

    /** A garden with one bed, on which parsnips stood in 2026. */
    private function plan(): void
    {
        $plan = $this->postJson('/api/plans', ['year' => 2026, 'from' => null])->assertOk()->json();
        $variety = $this->keeper->variety('parsnip', 'Sandspit');
        $this->putJson('/api/plans/2026', ['version' => $plan['version'], 'said' => 'Drew it', 'content' => [...$plan['content'],
            'beds' => [['id' => 'bed', 'name' => 'North', 'x' => 0, 'y' => 0, 'width' => 10, 'depth' => 4]],
            'plantings' => [['id' => 'one', 'crop' => 'parsnip', 'variety' => $variety, 'plants' => 12, 'purpose' => 'food', 'sow' => '2026-04-01', 'spot' => ['x' => 1, 'y' => 1], 'flowers' => false]],
        ]])->assertOk();
    }

    private function set(string $key, string $value): void
    {
        $this->putJson("/api/settings/$key", ['value' => $value])->assertOk();
    }

    /** @param  list<array<string, mixed>>  $lines */
    private function wish(int $version, array $lines): TestResponse
    {
        return $this->putJson('/api/rota/wish', ['version' => $version, 'wish' => ['lines' => $lines, 'years' => []], 'said' => 'What was wanted']);
    }

    /** @return array<string, mixed> the work */
    private function found(): array
    {
        $id = $this->postJson('/api/rota', [])->assertOk()->json('id');

        return $this->getJson("/api/works/$id")->assertOk()->assertJsonPath('message', '')->assertJsonPath('state', 'done')->json();
    }

    /** @return array<string, mixed> */
    private function rota(): array
    {
        return $this->found()['found'];
    }

    /** @return array<string, mixed> */
    private function now(string $name): array
    {
        return collect($this->rota()['now'])->firstWhere('name', $name) ?? [];
    }

    /**
     * @param  array<string, mixed>  $rota
     * @return array<string, mixed>
     */
    private function line(array $rota, string $name): array
    {
        return collect($rota['lines'])->firstWhere('name', $name) ?? [];
    }
}
