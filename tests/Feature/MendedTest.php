<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Support\Keeper;
use Tests\TestCase;

/** What once went wrong between the journal, the plan and the handbook, tried through the door. It is 14 September 2026. */
final class MendedTest extends TestCase
{
    private Keeper $keeper;

    protected function setUp(): void
    {
        parent::setUp();
        $this->keeper = new Keeper($this);
    }

    public function test_a_first_bloom_after_the_last_bloom_of_the_plan_is_kept_and_the_plan_follows(): void
    {
        $variety = $this->keeper->variety('pea', 'Coxswain');
        $code = $this->keeper->sow($variety, '2026-03-10T10:00', 40);
        $this->plan($variety, $this->keeper->idOf($code), ['first_bloom' => '2026-05-01', 'last_bloom' => '2026-05-10']);
        $this->keeper->records($code, 'first_bloom', '2026-05-20T08:00');
        $this->getJson('/api/plans/2026')->assertOk()->assertJsonPath('plantings.0.bloom_first', '2026-05-20');
    }

    public function test_a_strike_of_nothing_is_refused_at_every_door(): void
    {
        $lot = $this->keeper->storedTomato();
        self::assertSame('refused', $this->keeper->tries($lot, 'struck', '2026-09-01', ['entry' => (string) Str::uuid7()])->assertStatus(422)->json('answers.0.status'));
        $this->postJson('/api/entries/'.Str::uuid7().'/strike', ['id' => (string) Str::uuid7()])->assertNotFound();
    }

    public function test_struck_brought_back_and_struck_again_it_is_what_was_said_last(): void
    {
        $lot = $this->keeper->storedTomato();
        $entry = $this->keeper->records($lot, 'withdrawn', '2026-09-01', ['purpose' => 'gift', 'seeds' => 100]);
        $seeds = static fn (): int => (int) DB::table('lot_standings')->value('seeds');
        $strike = $this->keeper->strikes($entry);
        self::assertSame(3600, $seeds());
        $this->keeper->strikes($strike);
        self::assertSame(3500, $seeds());
        $this->keeper->strikes($entry);
        self::assertSame(3600, $seeds());
    }

    public function test_a_figure_of_a_crop_that_makes_a_varietys_own_unsound_is_refused_at_once(): void
    {
        $variety = $this->keeper->variety('pea', 'Coxswain');
        $put = fn (string $path, string $value, string $for = '') => $this->putJson('/api/crops/pea/figures', ['path' => $path, 'value' => $value, 'variety' => $for]);
        $put('growing.bloom_to_ripe.0', '55', $variety)->assertOk();
        $put('growing.bloom_to_ripe.1', '50')->assertStatus(422);
        $this->getJson('/api/plantings/'.$this->keeper->sow($variety))->assertOk();
    }

    public function test_what_does_not_fit_is_shown_on_the_planting_in_the_book_and_on_today(): void
    {
        $code = $this->keeper->sow($this->keeper->variety('pea', 'Coxswain'), '2026-03-10T10:00');
        $late = ['late' => true] + $this->keeper->draft($code, 'last_bloom', '2026-06-10T08:00');
        $this->keeper->sends($late)->assertOk();
        $entry = collect($this->getJson("/api/plantings/$code")->json('entries'))->firstWhere('kind', 'last_bloom');
        self::assertNotNull($entry['adrift']);
        self::assertNotNull(collect($this->getJson('/api/journal')->json('lines'))->pluck('entry')->firstWhere('kind', 'last_bloom')['adrift']);
        self::assertContains('settle', array_column($this->getJson('/api/today')->json('now'), 'kind'));

        // What was missing comes in, and it fits.
        $this->keeper->records($code, 'first_bloom', '2026-05-20T08:00');
        $entry = collect($this->getJson("/api/plantings/$code")->json('entries'))->firstWhere('kind', 'last_bloom');
        self::assertNull($entry['adrift']);
        self::assertNotContains('settle', array_column($this->getJson('/api/today')->json('now'), 'kind'));
    }

    public function test_a_sowing_corrected_to_another_year_takes_its_planting_along(): void
    {
        $code = $this->keeper->sow($this->keeper->variety(), '2023-03-20T10:00');
        $sown = $this->getJson("/api/plantings/$code")->json('entries.0.id');
        $this->keeper->sends(['replaces' => $sown] + $this->keeper->draft($code, 'sown', '2026-03-20T10:00', ['plants' => 10]))->assertOk();
        $this->getJson("/api/plantings/$code")->assertJsonPath('season', 2026)->assertJsonPath('tag.year', 2026);
        self::assertContains($code, array_column(array_column($this->getJson('/api/places/plot')->json('items'), 'tag'), 'code'));
    }

    public function test_a_sowing_recorded_settles_the_work_of_the_plan_and_one_missed_stays_due(): void
    {
        $variety = $this->keeper->variety('spinach', 'Slack Water');
        $this->plan($variety, null, ['crop' => 'spinach', 'sow' => '2026-09-01']);
        $due = fn (): array => array_column($this->getJson('/api/today')->json('planned'), 'do');
        self::assertContains('Sow Slack Water', $due(), 'missed a fortnight ago, it is still to be done');
        $this->keeper->sow($variety, '2026-09-12T10:00', 40);
        self::assertNotContains('Sow Slack Water', $due());
    }

    public function test_a_lot_of_one_planting_takes_no_picking_of_another(): void
    {
        $one = $this->keeper->sow($this->keeper->variety('tomato', 'Sluice Gate'));
        $other = $this->keeper->sow($this->keeper->variety('tomato', 'Harbour Light'));
        $lot = $this->keeper->idOf($this->keeper->pick($one, '2026-08-01T10:00'));
        $this->keeper->sends([
            'about' => ['subject' => 'lot', 'id' => $lot], 'begins' => ['planting' => $this->keeper->idOf($other)],
            'kind' => 'picked', 'happened_at' => '2026-08-02T10:00', 'payload' => ['plants' => 1, 'fruits' => 1],
        ])->assertStatus(422);
        self::assertCount(1, $this->getJson('/api/lots/L1')->json('entries'));
    }

    public function test_two_lots_may_each_have_a_test_of_the_same_name(): void
    {
        $set = ['test' => 'kitchen', 'replicates' => 1, 'seeds' => 20, 'temperature_c' => 24, 'method' => 'dish'];
        foreach ([$this->keeper->storedTomato('Sluice Gate'), $this->keeper->storedTomato('Harbour Light')] as $lot) {
            $this->keeper->records($lot, 'test_started', '2026-09-01T09:00', $set);
            self::assertSame('kitchen', $this->keeper->section($lot, 'test')['id']);
        }
    }

    public function test_seed_taken_from_the_racks_lightens_what_dries_there(): void
    {
        $lot = $this->keeper->pick($this->keeper->sow($this->keeper->variety()), '2026-09-01T10:00');
        $this->keeper->records($lot, 'rinsed', '2026-09-01T11:00');
        $this->keeper->records($lot, 'spread', '2026-09-01T12:00', ['surface' => 'mesh', 'mass_g' => 20, 'moisture' => 40]);
        $this->keeper->sends(['even_so' => true] + $this->keeper->draft($lot, 'withdrawn', '2026-09-02T12:00', ['purpose' => 'gift', 'mass_g' => 5]))->assertOk();
        $this->keeper->records($lot, 'weighed', '2026-09-03T12:00', ['mass_g' => 14]);
        // 12 g of 20 g were dry: of the 15 g left 9 g are, so 14 g hold 5 of water.
        self::assertEqualsWithDelta(100 * 5 / 14, $this->keeper->section($lot, 'drying')['moisture'], 1e-9);
    }

    public function test_a_day_alone_sent_twice_is_one_entry_whenever_it_is_sent_again(): void
    {
        $lot = $this->keeper->storedTomato();
        $draft = $this->keeper->draft($lot, 'noted', '2026-09-14', ['text' => 'Today']);
        $this->keeper->sends($draft)->assertOk();
        $this->travel(2)->hours();
        $this->keeper->sends($draft)->assertOk();
        self::assertSame(1, DB::table('journal_entries')->where('id', $draft['id'])->count());
    }

    public function test_a_whole_history_sent_late_and_backwards_is_kept_and_comes_right(): void
    {
        $planting = $this->keeper->sow($this->keeper->variety());
        $id = (string) Str::uuid7();
        $about = ['about' => ['subject' => 'lot', 'id' => $id], 'late' => true];
        $history = [
            $about + ['kind' => 'stored', 'happened_at' => '2026-08-09T09:00', 'payload' => ['container' => 'jar', 'place' => 'Fridge', 'temperature_c' => 5, 'rh' => 60, 'mass_g' => 10.8, 'seeds' => 3600]],
            $about + ['kind' => 'weighed', 'happened_at' => '2026-08-08T09:00', 'payload' => ['mass_g' => 10.8]],
            $about + ['kind' => 'spread', 'happened_at' => '2026-08-03T20:30', 'payload' => ['surface' => 'plate', 'mass_g' => 20, 'moisture' => 50]],
            $about + ['kind' => 'rinsed', 'happened_at' => '2026-08-03T20:20', 'payload' => []],
        ];
        $begun = $about + ['begins' => ['planting' => $this->keeper->idOf($planting)], 'kind' => 'picked', 'happened_at' => '2026-08-01T10:00', 'payload' => ['plants' => 4, 'fruits' => 12]];
        $this->keeper->sends($begun, ...$history)->assertOk();
        $lot = $this->getJson('/api/lots/L1')->assertOk()->json();
        self::assertSame('store', $lot['place']);
        self::assertSame([], array_filter(array_column($lot['entries'], 'adrift')));
    }

    public function test_of_two_who_name_a_variety_alike_at_once_the_second_is_told(): void
    {
        $this->keeper->variety('pea', 'Coxswain');
        $this->postJson('/api/varieties', ['id' => (string) Str::uuid7(), 'crop' => 'pea', 'name' => ' COXSWAIN ', 'type' => 'unknown'])
            ->assertStatus(422)->assertJsonValidationErrorFor('name');
    }

    public function test_a_batch_is_kept_whole_or_not_at_all_where_that_is_asked(): void
    {
        $lot = $this->keeper->storedTomato();
        $good = $this->keeper->draft($lot, 'noted', '2026-09-01', ['text' => 'Good']);
        $bad = $this->keeper->draft($lot, 'noted', '2027-09-01', ['text' => 'Not yet']);
        $this->postJson('/api/entries', ['drafts' => [$good, $bad], 'all' => true])->assertStatus(422);
        self::assertSame(0, DB::table('journal_entries')->where('id', $good['id'])->count());
        $answers = $this->postJson('/api/entries', ['drafts' => [$good, $bad]])->assertOk()->json('answers');
        self::assertSame(['kept', 'refused'], array_column($answers, 'status'));
    }

    /** @param  array<string, mixed>  $more */
    private function plan(string $variety, ?string $planting, array $more): void
    {
        $plan = $this->postJson('/api/plans', ['year' => 2026])->assertOk()->json();
        $this->putJson('/api/plans/2026', ['version' => 1, 'content' => [...$plan['content'], 'plantings' => [[
            'id' => 'p', 'crop' => 'pea', 'variety' => $variety, 'plants' => 40, 'purpose' => 'seed', 'sow' => '2026-03-10', 'planting' => $planting,
            'spot' => ['x' => 0, 'y' => 0, 'width' => 2, 'depth' => 1], ...$more,
        ]]]])->assertOk();
    }
}
