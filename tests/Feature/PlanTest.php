<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\PlanVersion;
use App\Models\Variety;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Marrow\Core\Botany\VarietyType;
use Tests\Support\Keeper;
use Tests\TestCase;

/** Planning a season, from bare ground to a garden in which nothing is crossed. */
final class PlanTest extends TestCase
{
    public function test_a_plan_starts_on_bare_ground_and_takes_plantings(): void
    {
        $this->getJson('/api/plans')->assertOk()->assertExactJson([]);
        $this->getJson('/api/plans/2027')->assertNotFound()->assertJsonPath('message', 'There is no plan for 2027 yet.');
        $plan = $this->postJson('/api/plans', ['year' => 2027])->assertOk();
        self::assertSame(1, $plan->json('version'));
        self::assertNull($plan->json('last_change'));
        $saved = $this->planting($plan, ['id' => 'a', 'crop' => 'pea', 'plants' => 40, 'sow' => '2027-03-10'])->assertOk();
        self::assertSame(2, $saved->json('version'));
        // Pea: 83 days from sowing to bloom so early in its months, 40 more to the first ripe seed.
        self::assertSame('2027-06-01', $saved->json('plantings.0.bloom_first'));
        self::assertSame('2027-07-11', $saved->json('plantings.0.ripe_from'));
        self::assertSame('clear', $saved->json('plantings.0.verdict'));
        $this->getJson('/api/plans')->assertExactJson([2027]);
        $this->postJson('/api/plans', ['year' => 2027])->assertStatus(422)->assertJsonPath('errors.year.0', 'There is a plan for 2027 already.');
        $this->postJson('/api/plans', ['year' => 'soon'])->assertStatus(422)->assertJsonPath('errors.year.0', 'The year of the season must be a whole number, 1900 to 2200; "soon" was given.');
    }

    public function test_two_squashes_are_at_risk_a_remedy_clears_them_and_is_taken_back(): void
    {
        $plan = $this->postJson('/api/plans', ['year' => 2027]);
        $plan = $this->change($plan, ['ground' => [...$plan->json('content.ground'), 'width' => 70, 'depth' => 40]]);
        foreach ([['bell', 'squash-pepo', 0, 0], ['lead', 'squash-pepo', 32, 0], ['ballast', 'squash-moschata', 16, 25]] as [$id, $crop, $x, $y]) {
            $plan = $this->planting($plan, ['id' => $id, 'crop' => $crop, 'plants' => 6, 'sow' => '2027-05-01', 'x' => $x, 'y' => $y])->assertOk();
        }
        self::assertSame(['act', 'act', 'clear'], array_column($plan->json('plantings'), 'verdict'));
        self::assertStringContainsString('about 50', $plan->json('risks.0.sentence'));

        $wish = ['shift_days' => 0, 'move' => false, 'cage' => true, 'alternate' => false, 'bag' => true, 'leave_out' => true];
        $ways = $this->remedies($wish);
        self::assertSame([], $ways['obstacles']);
        self::assertSame('least_work', $ways['ways'][0]['key']);
        self::assertNotSame([], $ways['ways'][0]['steps']);
        $after = $this->postJson('/api/plans/2027/remedies/apply', [...$wish, 'version' => $plan->json('version'), 'way' => 'least_work'])->assertOk();
        self::assertNotContains('act', array_column($after->json('plantings'), 'verdict'));
        self::assertSame('Carried out: with the least work', $after->json('last_change'));

        $back = $this->postJson('/api/plans/2027/undo', ['version' => $after->json('version')])->assertOk();
        self::assertSame($plan->json('content'), $back->json('content'));
        self::assertSame(['act', 'act', 'clear'], array_column($back->json('plantings'), 'verdict'));
    }

    public function test_taking_back_goes_back_step_by_step_and_nothing_is_lost(): void
    {
        $plan = $this->postJson('/api/plans', ['year' => 2027]);
        $one = $this->planting($plan, ['id' => 'a', 'crop' => 'pea', 'plants' => 40, 'sow' => '2027-03-10']);
        $two = $this->planting($one, ['id' => 'b', 'crop' => 'leek', 'plants' => 40, 'sow' => '2027-03-10']);
        $back = $this->postJson('/api/plans/2027/undo', ['version' => $two->json('version')]);
        self::assertCount(1, $back->json('content.plantings'));
        $bare = $this->postJson('/api/plans/2027/undo', ['version' => $back->json('version')]);
        self::assertCount(0, $bare->json('content.plantings'));
        $this->postJson('/api/plans/2027/undo', ['version' => $bare->json('version')])->assertStatus(422)->assertJsonPath('message', 'There is nothing to take back.');
        self::assertSame(5, PlanVersion::query()->count(), 'every version is kept');
    }

    public function test_of_two_who_change_a_plan_at_once_the_second_is_told(): void
    {
        $plan = $this->postJson('/api/plans', ['year' => 2027]);
        $this->planting($plan, ['id' => 'a', 'crop' => 'pea', 'plants' => 40, 'sow' => '2027-03-10'])->assertOk();
        $this->planting($plan, ['id' => 'b', 'crop' => 'leek', 'plants' => 40, 'sow' => '2027-03-10'])->assertStatus(409)
            ->assertJsonPath('message', 'Somebody has changed this plan since you opened it (version 2). What you typed is kept: open the plan anew and make your change there.');
    }

    public function test_what_is_sent_again_because_its_answer_was_lost_is_done_already(): void
    {
        $plan = $this->postJson('/api/plans', ['year' => 2027]);
        $pea = ['id' => 'a', 'crop' => 'pea', 'variety' => $this->variety('pea'), 'plants' => 40, 'sow' => '2027-03-10'];
        $kept = $this->planting($plan, $pea)->assertOk();
        self::assertSame($kept->json(), $this->planting($plan, $pea)->assertOk()->json());
        $this->planting($plan, [...$pea, 'plants' => 41])->assertStatus(409);

        $back = $this->postJson('/api/plans/2027/undo', ['version' => 2])->assertOk();
        self::assertSame($back->json(), $this->postJson('/api/plans/2027/undo', ['version' => 2])->assertOk()->json());
        self::assertSame(3, PlanVersion::query()->count());
        $this->planting($back, $pea)->assertOk();
        $this->postJson('/api/plans/2027/undo', ['version' => 2])->assertStatus(409);
    }

    public function test_what_lives_long_may_have_been_sown_long_ago_but_no_day_lies_ages_away(): void
    {
        $plan = $this->postJson('/api/plans', ['year' => 2027]);
        $bed = ['id' => 'a', 'crop' => 'asparagus', 'variety' => $this->variety('asparagus'), 'plants' => 10];
        foreach (['0001-01-01', '9998-06-01', '2031-01-01'] as $day) {
            $this->planting($plan, [...$bed, 'sow' => $day])->assertStatus(422)
                ->assertJson(['errors' => ['plantings.0.sow' => ['That day lies years from 2027: in this plan it is at most 100 years before and 3 after.']]]);
        }
        $this->planting($plan, [...$bed, 'sow' => '2014-04-10', 'first_bloom' => '2014-06-10'])->assertStatus(422)->assertJsonValidationErrors('plantings.0.first_bloom');
        $this->planting($plan, [...$bed, 'sow' => '2014-04-10'])->assertOk();
    }

    public function test_what_cannot_be_so_is_refused_at_its_field_and_nothing_is_lost(): void
    {
        $plan = $this->postJson('/api/plans', ['year' => 2027]);
        foreach ([
            [['x' => 50], 'plantings.0.spot', 'It lies outside the garden, which is 20 by 12 m.'],
            [['plants' => 'many'], 'plantings.0.plants', "The number of plants must be a whole number, 1 to 100\u{00A0}000; \"many\" was given."],
            [['plants' => ''], 'plantings.0.plants', 'The number of plants is missing.'],
            [['plant_out' => '2027-01-01'], 'plantings.0.plant_out', 'It cannot be planted out before it is sown.'],
            [['sow' => '2027-02-31'], 'plantings.0.sow', 'The day of sowing must be a day of the calendar, as 14 September 2026 or 2026-09-14; "2027-02-31" was given.'],
            [['variety' => (string) Str::uuid7()], 'plantings.0.variety', 'Choose a variety, or add it first.'],
            [['crop' => 'leek', 'variety' => $this->variety('pea')], 'plantings.0.crop', 'This variety is of another crop.'],
            [['crop' => 'dragonfruit', 'variety' => $this->variety('pea')], 'plantings.0.crop', 'There is no crop "dragonfruit" in the handbook.'],
        ] as [$wrong, $field, $says]) {
            $this->planting($plan, ['id' => 'a', 'crop' => 'pea', 'plants' => 40, 'sow' => '2027-03-10', ...$wrong])->assertStatus(422)
                ->assertJson(['errors' => [$field => [$says]]]);
        }
        self::assertSame(1, $this->getJson('/api/plans/2027')->json('version'));
    }

    public function test_what_is_allowed_but_worth_saying_is_said(): void
    {
        $plan = $this->postJson('/api/plans', ['year' => 2027]);
        $plan = $this->change($plan, ['beds' => [
            ['id' => 'a', 'name' => 'Long bed', 'x' => 0, 'y' => 0, 'width' => 5, 'depth' => 2],
            ['id' => 'b', 'name' => 'Herb bed', 'x' => 4, 'y' => 1, 'width' => 3, 'depth' => 2],
        ]]);
        $plan = $this->planting($plan, ['id' => 'p', 'crop' => 'squash-maxima', 'plants' => 12, 'sow' => '2027-07-10']);
        $said = implode(' ', array_column($plan->assertOk()->json('remarks'), 'sentence'));
        self::assertStringContainsString('The beds Long bed and Herb bed overlap.', $said);
        self::assertStringContainsString('12 plants for seed do not fit its spot; at 1.5', $said);
        self::assertStringContainsString('cannot ripen its seed before frost; the latest sowing that would is 5 June', $said);
    }

    public function test_the_next_season_starts_from_this_ones_ground_with_what_is_still_growing(): void
    {
        $plan = $this->postJson('/api/plans', ['year' => 2027]);
        $plan = $this->change($plan, ['beds' => [['id' => 'a', 'name' => 'Long bed', 'x' => 0, 'y' => 0, 'width' => 5, 'depth' => 2]]]);
        $plan = $this->planting($plan, ['id' => 'pea', 'crop' => 'pea', 'plants' => 40, 'sow' => '2027-03-10']);
        $this->planting($plan, ['id' => 'carrot', 'crop' => 'carrot', 'plants' => 30, 'sow' => '2027-06-01', 'y' => 4])->assertOk();
        $next = $this->postJson('/api/plans', ['year' => 2028, 'from' => 2027])->assertOk();
        self::assertSame('Long bed', $next->json('content.beds.0.name'));
        self::assertSame(['carrot'], array_column($next->json('content.plantings'), 'id'), 'a biennial goes on; an annual is done');
        self::assertSame('2028', substr((string) $next->json('plantings.0.bloom_first'), 0, 4));
    }

    public function test_it_says_what_stands_in_the_way(): void
    {
        $plan = $this->postJson('/api/plans', ['year' => 2027]);
        $plan = $this->change($plan, ['sources' => [['id' => 's', 'name' => 'Wild carrot on the bank', 'crop' => 'wild-carrot', 'x' => 30, 'y' => 0, 'width' => 2, 'depth' => 2, 'plants' => 200, 'first_bloom' => null, 'last_bloom' => null]]]);
        $this->planting($plan, ['id' => 'keel', 'crop' => 'carrot', 'plants' => 20, 'sow' => '2026-06-01'])->assertOk();
        $found = $this->remedies(['shift_days' => 30, 'move' => true, 'cage' => false, 'alternate' => false, 'bag' => false, 'leave_out' => false]);
        self::assertSame([], $found['ways']);
        self::assertStringContainsString('cannot be kept under 1', $found['obstacles'][0]);
        self::assertStringContainsString('Wild carrot on the bank', $found['obstacles'][0]);
        $this->postJson('/api/plans/2027/remedies', ['shift_days' => 400, 'move' => true, 'cage' => false, 'alternate' => false, 'bag' => false, 'leave_out' => false])
            ->assertStatus(422)->assertJsonPath('errors.shift_days.0', 'The shift of sowing must be from 0 to 90 days.');
    }

    public function test_what_the_plan_asks_is_done_by_recording_it_and_what_is_dropped_is_gone(): void
    {
        $plan = $this->planting($this->postJson('/api/plans', ['year' => 2026]), ['id' => 'a', 'crop' => 'leek', 'plants' => 24, 'sow' => '2026-03-10', 'plant_out' => '2026-05-20'], 2026)->assertOk();
        $row = fn (string $kind): ?array => collect($this->getJson('/api/plans/2026')->json('tasks'))->firstWhere('kind', $kind);
        self::assertNotNull($row('sow')['sow']);
        self::assertNull($row('plant_out')['step'], 'nothing stands yet that could be planted out');
        $keeper = new Keeper($this);
        $planting = $keeper->sow($plan->json('content.plantings.0.variety'), '2026-03-12T10:00', 20);
        self::assertNull($row('sow'));
        $step = $row('plant_out')['step'];
        self::assertSame([$planting, 'planted_out', ['plants' => 20]], [$step['code'], $step['kind'], $step['payload']], 'nothing must be typed');
        $entry = $keeper->records($planting, $step['kind'], '2026-05-22T10:00', $step['payload']);
        self::assertNull($row('plant_out'));
        $keeper->strikes($entry);
        self::assertNotNull($row('plant_out'), 'taken back, it is still to be done');
        $keeper->records($planting, 'put_off', '2026-05-22T10:00', ['task' => $step['put_off'], 'how' => 'done']);
        self::assertNull($row('plant_out'));
        $keeper->records($planting, 'put_off', '2026-05-22T10:00', ['task' => $row('look_over')['step']['put_off'], 'how' => 'later', 'until' => '2027-06-30']);
        self::assertSame('2027-06-30', $row('look_over')['on']);
    }

    public function test_a_sowing_is_put_off_in_the_plan_and_the_plan_takes_it_back(): void
    {
        $this->planting($this->postJson('/api/plans', ['year' => 2027]), ['id' => 'a', 'crop' => 'leek', 'plants' => 24, 'sow' => '2027-03-10'])->assertOk();
        $sow = fn (): ?string => collect($this->getJson('/api/plans/2027')->json('tasks'))->firstWhere('kind', 'sow')['on'] ?? null;
        $this->postJson('/api/plans/2027/plantings/a/put-off', ['until' => '2027-03-24'])->assertOk();
        self::assertSame('2027-03-24', $sow());
        $this->postJson('/api/plans/2027/plantings/a/put-off', ['until' => '2020-03-24'])->assertStatus(422)->assertJsonPath('errors.until.0', 'That day is past.');
        $this->postJson('/api/plans/2027/plantings/b/put-off', ['until' => ''])->assertStatus(422);
        $this->postJson('/api/plans/2027/plantings/a/put-off', ['until' => ''])->assertOk();
        self::assertNull($sow());
        $this->postJson('/api/plans/2027/undo', ['version' => $this->getJson('/api/plans/2027')->json('version')])->assertOk();
        self::assertSame('2027-03-24', $sow());
    }

    /**
     * @param  TestResponse<\Illuminate\Http\JsonResponse>  $plan
     * @param  array<string, mixed>  $planting
     * @return TestResponse<\Illuminate\Http\JsonResponse>
     */
    private function planting(TestResponse $plan, array $planting, int $year = 2027): TestResponse
    {
        $planting += ['x' => 0, 'y' => 0, 'variety' => $this->variety($planting['crop'])];
        ['x' => $x, 'y' => $y] = $planting;
        unset($planting['x'], $planting['y']);

        return $this->change($plan, ['plantings' => [...$plan->json('content.plantings'), [
            'purpose' => 'seed', 'spot' => ['x' => $x, 'y' => $y, 'width' => 2, 'depth' => 1], ...$planting,
        ]]], $year);
    }

    /**
     * @param  TestResponse<\Illuminate\Http\JsonResponse>  $plan
     * @param  array<string, mixed>  $change
     * @return TestResponse<\Illuminate\Http\JsonResponse>
     */
    private function change(TestResponse $plan, array $change, int $year = 2027): TestResponse
    {
        return $this->putJson("/api/plans/$year", ['version' => $plan->json('version'), 'content' => [...$plan->json('content'), ...$change], 'said' => 'Changed something']);
    }

    private function variety(string $crop): string
    {
        return Variety::query()->create(['id' => (string) Str::uuid7(), 'crop' => $crop, 'name' => Str::random(8), 'type' => VarietyType::OpenPollinated])->id;
    }

    /**
     * @param  array<string, mixed>  $wish
     * @return array<string, mixed> what can be done about crossing in 2027
     */
    private function remedies(array $wish): array
    {
        $id = $this->postJson('/api/plans/2027/remedies', $wish)->assertOk()->json('id');
        $work = $this->getJson("/api/works/$id")->assertOk();
        self::assertSame('done', $work->json('state'), (string) $work->json('message'));

        return $work->json('found');
    }
}
