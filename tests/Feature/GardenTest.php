<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Support\Keeper;
use Tests\TestCase;

/** The things that are no entries: varieties and places are put right, and everything that hangs on them follows. */
final class GardenTest extends TestCase
{
    private Keeper $keeper;

    protected function setUp(): void
    {
        parent::setUp();
        $this->keeper = new Keeper($this);
    }

    public function test_a_variety_that_is_renamed_is_found_by_its_new_name_everywhere(): void
    {
        $lot = $this->keeper->storedTomato('Sluce Gate');
        $variety = DB::table('varieties')->value('id');
        $this->change($variety, ['name' => 'Sluice Gate'])->assertOk()->assertJsonPath('said', 'Changed Sluice Gate');
        $this->getJson("/api/lots/$lot")->assertJsonPath('tag.variety', 'Sluice Gate');
        self::assertSame(['L1', 'P1'], $this->found('sluice'));
        self::assertSame([], $this->found('sluce'));
        self::assertSame('Sluice Gate', $this->getJson('/api/places/store?find=sluice')->json('items.0.tag.variety'));
    }

    public function test_a_variety_put_to_another_crop_is_kept_by_what_that_crop_needs(): void
    {
        $planting = $this->keeper->sow($this->keeper->variety('leek', 'Estuary Blue'), '2026-03-20T10:00');
        $variety = DB::table('varieties')->value('id');
        $this->putJson('/api/crops/leek/figures', ['path' => 'isolation.careful', 'value' => '500', 'variety' => $variety])->assertOk();
        $before = $this->getJson("/api/plantings/$planting")->json('tasks.0.opens');
        $this->change($variety, ['crop' => 'onion', 'even_so' => true])->assertOk();
        $sheet = $this->getJson("/api/plantings/$planting")->assertOk();
        $sheet->assertJsonPath('tag.latin', 'Allium cepa');
        self::assertNotSame($before, $sheet->json('tasks.0.opens'));
        self::assertSame(0, DB::table('crop_figures')->count(), 'figures of its own were of the crop that it is not');
    }

    public function test_a_variety_is_refused_a_name_that_another_of_its_crop_has(): void
    {
        $one = $this->keeper->variety('pea', 'Coxswain');
        $other = $this->keeper->variety('pea', 'Helmsman');
        $this->change($other, ['crop' => 'pea', 'name' => ' coxswain'])->assertStatus(422)->assertJsonPath('errors.name.0', 'There is a variety of this crop with that name already.');
        $this->change($one, ['crop' => 'pea', 'name' => 'COXSWAIN'])->assertOk();
        $this->change((string) Str::uuid7(), ['name' => 'Nobody'])->assertNotFound();
    }

    public function test_of_a_variety_without_a_name_nothing_is_promised_and_two_of_them_are_not_one(): void
    {
        $add = fn (string $crop): string => (string) $this->postJson('/api/varieties', ['id' => (string) Str::uuid7(), 'crop' => $crop, 'type' => 'open_pollinated'])->assertOk()->json('entry');
        [$first, $second, $other] = [$add('french-bean'), $add('french-bean'), $add('pea')];
        $known = collect($this->getJson('/api/varieties')->json())->keyBy('id');
        self::assertSame(['Name unknown', 'Name unknown 2', 'Name unknown'], [$known[$first]['name'], $known[$second]['name'], $known[$other]['name']]);
        self::assertSame('unknown', $known[$first]['type']);
        $draft = ['about' => ['subject' => 'lot', 'id' => (string) Str::uuid7()], 'begins' => ['variety' => $first], 'kind' => 'received', 'happened_at' => '2026-03-01', 'payload' => ['how' => 'given']];
        $lot = $this->keeper->sends($draft)->assertOk()->json('answers.0.code');
        self::assertSame('not known', $this->getJson("/api/lots/$lot")->json('tag.line'));

        $this->change($first, ['crop' => 'french-bean', 'name' => ''])->assertStatus(422)->assertJsonPath('errors.name.0', 'Give it a name; where nobody knows it, “Name unknown” will do.');
        $this->change($first, ['crop' => 'french-bean', 'name' => 'Tallow Dip'])->assertOk();
        $third = $add('french-bean');
        self::assertSame('Name unknown', collect($this->getJson('/api/varieties')->json())->keyBy('id')->all()[$third]['name'], 'the name is free again');
    }

    public function test_two_names_for_one_variety_become_one_with_all_that_was_recorded_of_both(): void
    {
        $lot = $this->keeper->storedTomato('Sluice Gate');
        $kept = $this->keeper->variety('tomato', 'Sluice');
        $went = DB::table('varieties')->where('name', 'Sluice Gate')->value('id');
        $plan = $this->postJson('/api/plans', ['year' => 2027])->json();
        $this->putJson('/api/plans/2027', ['version' => 1, 'content' => [...$plan['content'], 'plantings' => [[
            'id' => 'p', 'crop' => 'tomato', 'variety' => $went, 'plants' => 4, 'purpose' => 'seed', 'sow' => '2027-03-10',
            'spot' => ['x' => 0, 'y' => 0, 'width' => 2, 'depth' => 1],
        ]]]])->assertOk();

        $this->postJson("/api/varieties/$went/merge", ['into' => $kept])->assertOk();
        self::assertSame(['Sluice'], array_column($this->getJson('/api/varieties')->json(), 'name'));
        self::assertStringContainsString('Also kept as Sluice Gate', $this->getJson('/api/varieties')->json('0.note'));
        $this->getJson("/api/lots/$lot")->assertJsonPath('tag.variety', 'Sluice');
        self::assertSame($kept, $this->getJson('/api/plans/2027')->assertOk()->json('content.plantings.0.variety'));
        self::assertSame('Sow Sluice', collect($this->getJson('/api/plans/2027')->json('tasks'))->firstWhere('kind', 'sow')['do']);
        $standing = DB::table('lot_standings')->get()->all();
        Artisan::call('marrow:rebuild');
        self::assertEquals($standing, DB::table('lot_standings')->get()->all());
    }

    public function test_what_cannot_be_one_is_not_merged(): void
    {
        $pea = $this->keeper->variety('pea', 'Coxswain');
        $leek = $this->keeper->variety('leek', 'Estuary Blue');
        $this->postJson("/api/varieties/$pea/merge", ['into' => $leek])->assertStatus(422)->assertJsonPath('errors.into.0', 'These are of two crops. Change the crop of one of them first.');
        $this->postJson("/api/varieties/$pea/merge", ['into' => $pea])->assertStatus(422)->assertJsonPath('errors.into.0', 'Choose another variety than itself.');
        $this->postJson("/api/varieties/$pea/merge", ['into' => (string) Str::uuid7()])->assertNotFound();
    }

    public function test_a_place_that_turned_out_warmer_moves_the_forecast_of_all_that_lies_there(): void
    {
        $place = (string) Str::uuid7();
        $this->postJson('/api/store-places', ['id' => $place, 'name' => 'Pantry', 'temperature' => '10', 'rh' => '50'])->assertOk();
        $lot = $this->keeper->pick($this->keeper->sow($this->keeper->variety('onion', 'Capstan'), '2025-03-01T10:00'), '2026-08-01T10:00', ['plants' => 20, 'fruits' => 20]);
        $this->keeper->records($lot, 'threshed', '2026-08-25T09:00');
        $this->keeper->records($lot, 'winnowed', '2026-08-25T10:00', ['mass_g' => 60]);
        $this->keeper->records($lot, 'stored', '2026-09-01T09:00', ['container' => 'paper_envelope', 'place_id' => $place, 'mass_g' => 60]);
        $until = fn (): string => $this->keeper->section($lot, 'store')['forecast']['good_until'];
        $cool = $until();
        $this->putJson("/api/store-places/$place", ['name' => 'Warm pantry', 'temperature' => '24', 'rh' => '50'])->assertOk();
        self::assertLessThan($cool, $until());
        self::assertSame('Warm pantry', $this->keeper->section($lot, 'store')['place']);
        self::assertStringContainsString('Warm pantry', collect($this->getJson("/api/lots/$lot")->json('entries'))->firstWhere('kind', 'stored')['figures']);
    }

    public function test_a_place_has_one_name_and_a_climate_that_there_is(): void
    {
        $add = fn (string $name, string $temperature) => $this->postJson('/api/store-places', ['id' => (string) Str::uuid7(), 'name' => $name, 'temperature' => $temperature, 'rh' => '50']);
        $add('Pantry', '12,5')->assertOk();
        $add('pantry', '12')->assertStatus(422)->assertJsonPath('errors.name.0', 'There is a place with that name already.');
        $add('Oven', '150')->assertStatus(422)->assertJsonValidationErrorFor('temperature');
        $add('', 'warm')->assertStatus(422)->assertJsonValidationErrors(['name', 'temperature']);
        self::assertSame(['name' => 'Pantry', 'temperature' => '12.5', 'rh' => '50'], $this->getJson('/api/store-places')->json('0.typed'));
        $this->putJson('/api/settings/units', ['value' => 'us'])->assertOk();
        self::assertSame('12.5 °C', $this->getJson('/api/store-places')->json('0.typed.temperature'), 'exactly what it was, in its own unit');
    }

    public function test_a_planting_is_moved_to_another_bed(): void
    {
        $planting = $this->keeper->sow($this->keeper->variety());
        $this->putJson("/api/plantings/$planting", ['spot' => 'North wall'])->assertOk();
        $this->getJson("/api/plantings/$planting")->assertJsonPath('spot', 'North wall');
        self::assertSame([$planting], $this->found('north wall'));
        $this->putJson("/api/plantings/$planting", ['spot' => str_repeat('x', 121)])->assertStatus(422);
        $this->putJson('/api/plantings/P99', ['spot' => 'x'])->assertNotFound();
    }

    public function test_lots_and_plantings_to_choose_from_are_of_the_crop_and_told_apart(): void
    {
        $this->keeper->storedTomato();
        $this->keeper->sow($this->keeper->variety('pea', 'Coxswain'));
        $lots = $this->getJson('/api/choices/lots?crop=tomato')->json();
        self::assertSame(['L1'], array_column($lots, 'code'));
        self::assertSame('L1 Sluice Gate, 2026, in store, 3 600 seeds', str_replace(["\u{00A0}", 'about '], [' ', ''], $lots[0]['said']));
        self::assertSame([], $this->getJson('/api/choices/lots?crop=pea')->json());
        self::assertSame(['P2 Coxswain, 2026, Glasshouse'], array_column($this->getJson('/api/choices/plantings?crop=pea')->json(), 'said'));
    }

    /**
     * @param  array<string, string>  $change
     * @return \Illuminate\Testing\TestResponse<\Illuminate\Http\Response>
     */
    private function change(string $variety, array $change): \Illuminate\Testing\TestResponse
    {
        $now = collect($this->getJson('/api/varieties')->json())->firstWhere('id', $variety) ?? ['crop' => 'pea', 'name' => 'x', 'type' => 'unknown'];

        return $this->putJson("/api/varieties/$variety", [...$now, ...$change]);
    }

    /** @return list<string> codes, in order */
    private function found(string $text): array
    {
        $codes = array_map(static fn (array $found): string => $found['tag']['code'] ?? $found['code'], $this->getJson('/api/find?text='.urlencode($text))->assertOk()->json());
        sort($codes);

        return $codes;
    }
}
