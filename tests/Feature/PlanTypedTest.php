<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\Support\Keeper;
use Tests\TestCase;

/** A plan as it is typed: in the keeper's own units and form of days, by the fields that the core declares. */
final class PlanTypedTest extends TestCase
{
    /** @var array<string, mixed> */
    private array $content = [];

    private int $version = 0;

    protected function setUp(): void
    {
        parent::setUp();
        $plan = $this->postJson('/api/plans', ['year' => 2027])->assertOk()->json();
        $this->content = $plan['content'];
        $this->version = $plan['version'];
    }

    public function test_bare_ground_is_shown_as_it_would_be_typed(): void
    {
        $this->getJson('/api/plans/2027')->assertOk()
            ->assertJsonPath('typed.ground.width', '20')
            ->assertJsonPath('typed.ground.last_frost', '30 April')
            ->assertJsonPath('typed.isolation.allowed', '1')
            ->assertJsonPath('typed.isolation.behind_barrier', '30');
    }

    public function test_a_share_is_typed_in_per_cent_and_sent_back_untouched_as_it_was(): void
    {
        $this->content['isolation']['allowed'] = '2,5';
        $this->save()->assertOk()->assertJsonPath('content.isolation.allowed', 0.025)->assertJsonPath('typed.isolation.allowed', '2.5');
        $this->save()->assertOk()->assertJsonPath('content.isolation.allowed', 0.025);
    }

    public function test_what_is_typed_in_feet_is_kept_in_metres_and_what_was_not_touched_stays_what_it_was(): void
    {
        $this->putJson('/api/settings/units', ['value' => 'us'])->assertOk();
        $this->getJson('/api/plans/2027')->assertJsonPath('typed.ground.width', '65.62');
        $this->content['beds'] = [['id' => 'b', 'name' => 'Long bed, by the wall', 'x' => '3', 'y' => '2 m', 'width' => '12', 'depth' => '4']];
        $plan = $this->save()->assertOk();
        $plan->assertJsonPath('content.ground.width', 20)->assertJsonPath('content.beds.0.y', 2)
            ->assertJsonPath('typed.beds.0.x', '3')->assertJsonPath('typed.beds.0.width', '12')->assertJsonPath('typed.beds.0.name', 'Long bed, by the wall');
        self::assertEqualsWithDelta(3.6576, $plan->json('content.beds.0.width'), 1e-12);
    }

    public function test_days_are_typed_and_shown_in_the_keepers_form(): void
    {
        $this->putJson('/api/settings/day_form', ['value' => 'us'])->assertOk();
        $variety = (new Keeper($this))->variety('pea', 'Coxswain');
        $this->content['plantings'] = [[
            'id' => 'p', 'crop' => 'pea', 'variety' => $variety, 'plants' => '40', 'purpose' => 'seed', 'sow' => '4/5/2027',
            'plant_out' => '', 'mixing' => false, 'spot' => ['x' => '0', 'y' => '0', 'width' => '2', 'depth' => ''],
        ]];
        $this->save()->assertOk()
            ->assertJsonPath('content.plantings.0.sow', '2027-04-05')
            ->assertJsonPath('content.plantings.0.flowers', true)
            ->assertJsonPath('typed.plantings.0.sow', 'April 5, 2027')
            ->assertJsonPath('typed.plantings.0.plants', '40')
            ->assertJsonPath('typed.plantings.0.plant_out', '')
            ->assertJsonPath('typed.spots.0.width', '2');
    }

    public function test_what_is_wrong_stands_at_its_field_in_the_keepers_units(): void
    {
        $this->putJson('/api/settings/units', ['value' => 'us'])->assertOk();
        $this->content['ground']['width'] = '2';
        $this->content['barriers'] = [['id' => 'h', 'name' => '', 'kind' => 'none', 'x1' => '0', 'y1' => '0', 'x2' => '5', 'y2' => '0']];
        // Two feet are less than a metre.
        $refused = $this->save()->assertStatus(422)->assertJsonValidationErrorFor('ground.width');
        self::assertStringContainsString('ft', (string) $refused->json('errors')['ground.width'][0]);
        $this->content['ground']['width'] = '60';
        $this->save()->assertStatus(422)->assertJsonValidationErrorFor('barriers.0.kind');
        $this->content['barriers'][0]['kind'] = 'hedge';
        $this->save()->assertOk()->assertJsonPath('typed.barriers.0.x2', '5');
    }

    public function test_the_forms_of_a_plan_ask_what_the_core_reads(): void
    {
        foreach (['plan.ground' => 'width', 'plan.isolation' => 'allowed', 'plan.bed' => 'name', 'plan.barrier' => 'kind', 'plan.source' => 'crop', 'plan.planting' => 'planting', 'plan.spot' => 'x'] as $form => $field) {
            self::assertContains($field, array_column($this->getJson("/api/forms/$form")->assertOk()->json(), 'key'), $form);
        }
        $kinds = collect($this->getJson('/api/forms/plan.barrier')->json())->firstWhere('key', 'kind');
        self::assertSame(['hedge', 'building'], array_column($kinds['options'], 'key'));
    }

    private function save(): \Illuminate\Testing\TestResponse
    {
        $answer = $this->putJson('/api/plans/2027', ['version' => $this->version, 'content' => $this->content]);
        if ($answer->status() === 200) {
            $this->version = $answer->json('version');
            $this->content = $answer->json('content');
        }

        return $answer;
    }
}
