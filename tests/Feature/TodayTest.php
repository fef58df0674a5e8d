<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Tests\Support\Keeper;
use Tests\TestCase;

/** Today, and the lists of the evening and the morning: what many things want is one line, and what the plan says need not be said twice. */
final class TodayTest extends TestCase
{
    private Keeper $keeper;

    protected function setUp(): void
    {
        parent::setUp();
        $this->keeper = new Keeper($this);
    }

    public function test_a_shelf_that_waits_for_its_tests_does_not_push_the_rest_off_the_page(): void
    {
        $squash = $this->keeper->sow($this->keeper->variety('squash-pepo', 'Bell Buoy'), '2026-05-01', 8);
        $this->keeper->records($squash, 'first_bloom', '2026-09-10');
        $this->keeper->records($squash, 'hand_wanted', '2026-09-11', ['fruits' => 2]);
        for ($i = 0; $i < 40; $i++) {
            $this->keeper->storedTomato("Sluice $i");
        }
        $due = DB::table('tasks')->where('best_at', '<=', '2026-09-14 23:59:59')->count();
        $today = $this->getJson('/api/today')->assertOk()->json();
        self::assertGreaterThan(40, $due);
        self::assertSame($due, $today['now_total']);
        $kinds = array_count_values(array_column($today['now'], 'kind'));
        self::assertArrayHasKey('shut_flowers', $kinds);
        foreach ($today['now'] as $task) {
            self::assertLessThanOrEqual(8, $kinds[$task['kind']]);
            self::assertSame(in_array($task['kind'], ['test_first', 'read_stored_jar'], true), $task['can_wait'], $task['kind']);
            self::assertSame(DB::table('tasks')->where('best_at', '<=', '2026-09-14 23:59:59')->where('kind', $task['kind'])->count(), $task['alike'], $task['kind']);
        }
    }

    public function test_work_of_the_plan_is_ahead_now_or_late_and_says_since_when(): void
    {
        $this->plan(['id' => 'late', 'crop' => 'lambs-lettuce', 'variety' => $this->keeper->variety('lambs-lettuce', 'Cleat'), 'plants' => 40, 'sow' => '2026-08-25']);
        $planned = collect($this->getJson('/api/today')->json('planned'))->keyBy('kind');
        self::assertSame(['late', "20\u{00A0}days late", '2026-08-25'], [$planned['sow']['state'], $planned['sow']['away'], $planned['sow']['on']]);
        $this->plan(['id' => 'next', 'crop' => 'pea', 'variety' => $this->keeper->variety('pea', 'Hawser'), 'plants' => 40, 'sow' => '2027-06-05'], 2027);
        $seen = fn (string $on): array => array_values(array_filter($this->getJson("/api/today?on=$on")->assertOk()->json('planned'), static fn (array $task): bool => $task['year'] === 2027 && $task['kind'] === 'sow'))[0];
        self::assertSame(['ahead', "in 16\u{00A0}days"], [$seen('2027-05-20')['state'], $seen('2027-05-20')['away']]);
        self::assertSame('now', $seen('2027-06-05')['state']);
    }

    public function test_what_can_be_sown_no_longer_is_said_once_and_nothing_else_is_asked_of_it(): void
    {
        $this->plan(['id' => 'past', 'crop' => 'pepper', 'variety' => $this->keeper->variety('pepper', 'Flare Gun'), 'plants' => 6, 'sow' => '2026-02-25', 'plant_out' => '2026-05-20', 'cover' => 'bagged']);
        $planned = fn (string $on): array => array_map(static fn (array $task): string => $task['kind'], $this->getJson("/api/today?on=$on")->json('planned'));
        foreach (['2026-09-14', '2026-10-15', '2026-12-20'] as $on) {
            self::assertSame(['unsown'], $planned($on), $on);
        }
        self::assertSame([], $planned('2027-01-02'), 'with its year it is over');
    }

    public function test_roots_that_stayed_in_the_ground_are_not_asked_for_in_store(): void
    {
        $variety = $this->keeper->variety('carrot', 'Keel');
        $this->plan(['id' => 'root', 'crop' => 'carrot', 'variety' => $variety, 'plants' => 24, 'sow' => '2026-06-08', 'lifted' => true], 2027);
        $code = $this->keeper->sow($variety, '2026-06-08', 24);
        $planned = fn (string $on): array => array_values(array_unique(array_map(static fn (array $task): string => $task['kind'], $this->getJson("/api/today?on=$on")->json('planned'))));
        self::assertContains('lift', $planned('2026-10-30'));
        self::assertNotContains('sort', $planned('2027-01-20'));
        self::assertSame([], array_values(array_intersect(['lift', 'sort', 'replant'], $planned('2027-06-20'))));
        $this->keeper->records($code, 'lifted', '2026-09-13', ['plants' => 24, 'kept' => 20]);
        self::assertContains('sort', $planned('2027-01-20'));
        self::assertContains('replant', $planned('2027-04-10'));
        $offers = array_column($this->getJson("/api/plantings/$code")->json('offers'), 'kind');
        self::assertContains('winter_lost', $offers);
        self::assertContains('replanted', $offers);
    }

    public function test_what_was_grown_out_is_not_asked_for_again(): void
    {
        $variety = $this->keeper->variety('lettuce', 'Spindrift');
        $lot = $this->keeper->pick($this->keeper->sow($variety, '2024-03-20', 20), '2024-08-20');
        $this->keeper->tries($lot, 'threshed', '2024-09-01', ['mass_g' => 40], evenSo: true)->assertOk();
        $this->keeper->tries($lot, 'stored', '2024-09-10', ['container' => 'paper_envelope', 'place' => 'Hall', 'temperature_c' => 18, 'rh' => 50, 'seeds' => 9000], evenSo: true)->assertOk();
        $test = (string) \Illuminate\Support\Str::uuid7();
        $this->keeper->tries($lot, 'test_started', '2026-02-01', ['test' => $test, 'replicates' => 1, 'seeds' => 100, 'temperature_c' => 20, 'method' => 'dish'], evenSo: true)->assertOk();
        $this->keeper->tries($lot, 'test_counted', '2026-02-09', ['test' => $test, 'normal' => [40], 'abnormal' => [0]], evenSo: true)->assertOk();
        $this->keeper->tries($lot, 'test_ended', '2026-02-10', ['test' => $test], evenSo: true)->assertOk();
        $seasons = fn (): array => DB::table('tasks')->where('kind', 'grow_out')->where('code', $lot)->orderBy('opens_at')->pluck('about')->all();
        self::assertSame(['2026-03-01', '2026-08-01', '2027-03-01'], $seasons());
        $code = $this->keeper->sow($variety, '2026-03-25', 12, $this->keeper->idOf($lot));
        self::assertSame('2027-03-01', $seasons()[0]);
        $this->keeper->pick($code, '2026-08-28');
        self::assertSame([], $seasons());
        $kept = DB::table('tasks')->count();
        self::assertSame(0, \Illuminate\Support\Facades\Artisan::call('marrow:rebuild'));
        self::assertSame([[], $kept], [$seasons(), DB::table('tasks')->count()]);
    }

    public function test_what_is_being_lost_is_put_off_by_hours_and_never_by_a_season(): void
    {
        $lot = $this->keeper->pick($this->keeper->sow($this->keeper->variety()), '2026-09-12T10:00');
        $this->keeper->records($lot, 'ferment_started', '2026-09-12T12:00', ['temperature_c' => 24, 'cover' => 'cloth']);
        $task = fn (): array => $this->getJson("/api/lots/$lot")->json('tasks.0');
        self::assertSame(['pour_off', 'days'], [$task()['kind'], $task()['waits']]);
        $this->keeper->tries($lot, 'put_off', '2026-09-14T10:00', ['task' => 'pour_off', 'how' => 'next_year'])->assertStatus(422)
            ->assertJsonPath('answers.0.errors.how', 'That does not wait so long: after 17 September 2026 the seed is likely lost. Put it off by less, or say that the seed is lost.');
        $this->keeper->tries($lot, 'put_off', '2026-09-14T10:00', ['task' => 'pour_off', 'how' => 'later', 'until' => '2026-10-20'])->assertStatus(422);
        $this->keeper->records($lot, 'put_off', '2026-09-14T10:00', ['task' => 'pour_off', 'how' => 'later', 'hours' => 20]);
        self::assertSame('2026-09-15T06:00', substr($task()['best'], 0, 16));
        // Nor by another way.
        $this->keeper->sends($this->keeper->draft($lot, 'put_off', '2026-09-14T10:05', ['task' => 'pour_off', 'how' => 'next_year']) + ['late' => true]);
        self::assertLessThan('2026-09-18', $task()['best']);
        $then = $this->getJson("/api/lots/$lot?on=2026-09-20")->json('tasks.0');
        self::assertSame([true, 'hours'], [$then['alarm'], $then['waits']]);
        // And whoever lost it can say so: then nothing more is wanted of it.
        self::assertContains('seed_lost', array_column($this->getJson("/api/lots/$lot")->json('offers'), 'kind'));
        $this->keeper->records($lot, 'seed_lost', '2026-09-14T10:10', ['how' => 'sprouted']);
        $sheet = $this->getJson("/api/lots/$lot?on=2026-09-20");
        self::assertSame([[], ['noted'], 'lost', true], [$sheet->json('tasks'), array_column($sheet->json('offers'), 'kind'), $sheet->json('stage'), $sheet->json('used_up')]);
        self::assertSame([[null, null]], array_map(static fn (array $section): array => [$section['note'], $section['vessel']], $sheet->json('sections')), 'nothing is to be waited for');
    }

    public function test_what_is_lost_on_the_racks_is_neither_dried_nor_put_away(): void
    {
        $lot = $this->keeper->pick($this->keeper->sow($this->keeper->variety()), '2026-09-01T10:00');
        $this->keeper->records($lot, 'rinsed', '2026-09-02T10:00');
        $this->keeper->records($lot, 'spread', '2026-09-02T11:00', ['surface' => 'mesh', 'mass_g' => 100, 'moisture' => 45]);
        $this->keeper->records($lot, 'weighed', '2026-09-04T11:00', ['mass_g' => 80]);
        $drying = fn (): array => collect($this->getJson("/api/lots/$lot")->json('sections'))->firstWhere('section', 'drying');
        self::assertSame('drying', $drying()['verdict']);
        $this->keeper->records($lot, 'seed_lost', '2026-09-05T10:00', ['how' => 'eaten']);
        $sheet = $this->getJson("/api/lots/$lot");
        self::assertSame([[], ['noted'], 'lost'], [$sheet->json('tasks'), array_column($sheet->json('offers'), 'kind'), $sheet->json('stage')]);
        self::assertSame('left', $drying()['verdict']);
        self::assertStringNotContainsString('It will be there', $drying()['sentence']);
    }

    public function test_whoever_pulled_something_has_looked_it_over(): void
    {
        $variety = $this->keeper->variety('pea', 'Coxswain');
        $this->plan(['id' => 'pea', 'crop' => 'pea', 'variety' => $variety, 'plants' => 40, 'sow' => '2026-07-20']);
        $code = $this->keeper->sow($variety, '2026-07-20', 40);
        $planned = fn (): array => array_map(static fn (array $task): string => $task['kind'], $this->getJson('/api/today')->json('planned'));
        self::assertContains('look_over', $planned());
        $this->keeper->records($code, 'rogued', '2026-09-13', ['looked_over' => 40, 'pulled' => 3, 'why' => 'sick']);
        self::assertNotContains('look_over', $planned());
    }

    public function test_what_the_plan_has_pollinated_by_hand_stands_on_the_evening_list_once_it_blooms(): void
    {
        $variety = $this->keeper->variety('squash-pepo', 'Bell Buoy');
        $this->plan(['id' => 'squash', 'crop' => 'squash-pepo', 'variety' => $variety, 'plants' => 6, 'sow' => '2026-06-20', 'cover' => 'bagged']);
        $code = $this->keeper->sow($variety, '2026-06-20', 6);
        $evening = fn (): array => $this->getJson('/api/rounds/evening')->assertOk()->json('lines');
        self::assertSame([], $evening());
        $this->keeper->records($code, 'first_bloom', '2026-09-10');
        self::assertSame([$code], array_map(static fn (array $line): string => $line['tag']['code'], $evening()));
        self::assertSame('flowers_shut', $evening()[0]['offer']['kind']);
        self::assertStringContainsString('The plan has it pollinated by hand', implode(' ', $evening()[0]['says']));
        // Once it is said how many, the list reckons how many flowers that takes, and has it once.
        $this->keeper->records($code, 'hand_wanted', '2026-09-12', ['fruits' => 2]);
        self::assertCount(1, $evening());
        self::assertStringContainsString('to shut in all', implode(' ', $evening()[0]['says']));
    }

    public function test_what_is_planted_out_with_one_tap_stands_in_the_bed_of_the_plan(): void
    {
        $variety = $this->keeper->variety('tomato', 'Sluice Gate');
        $this->plan(['id' => 'tomato', 'crop' => 'tomato', 'variety' => $variety, 'plants' => 6, 'sow' => '2026-07-20', 'plant_out' => '2026-09-01'], beds: [['id' => 'south', 'name' => 'South bed', 'x' => 0, 'y' => 0, 'width' => 4, 'depth' => 2]]);
        $code = $this->keeper->sow($variety, '2026-07-20', 6);
        $this->putJson("/api/plantings/$code", ['spot' => 'Tray 1'])->assertOk();
        $step = collect($this->getJson('/api/today')->json('planned'))->firstWhere('kind', 'plant_out')['step'];
        self::assertSame(['plants' => 6, 'where' => 'South bed'], $step['payload']);
        $this->keeper->records($code, $step['kind'], '2026-09-13', $step['payload']);
        self::assertSame(['Tray 1', 'South bed'], [$this->getJson("/api/plantings/$code")->json('spot'), $this->getJson("/api/plantings/$code")->json('out_in')]);
        self::assertSame('South bed', $this->getJson('/api/rounds/looking-over')->json('lines.0.spot'));
    }

    /**
     * @param  array<string, mixed>  $planting
     * @param  list<array<string, mixed>>  $beds
     */
    private function plan(array $planting, int $year = 2026, array $beds = []): void
    {
        $plan = $this->postJson('/api/plans', ['year' => $year])->assertOk();
        $this->putJson("/api/plans/$year", ['version' => $plan->json('version'), 'said' => 'Planned', 'content' => [...$plan->json('content'), 'beds' => $beds, 'plantings' => [['purpose' => 'seed', 'spot' => ['x' => 0, 'y' => 0, 'width' => 2, 'depth' => 1], ...$planting]]]])->assertOk();
    }
}
