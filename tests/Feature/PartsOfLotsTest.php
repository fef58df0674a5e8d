<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Support\Keeper;
use Tests\TestCase;

/** Parts of lots that became lots of their own, vessels, and what is set for one crop. */
final class PartsOfLotsTest extends TestCase
{
    private Keeper $keeper;

    protected function setUp(): void
    {
        parent::setUp();
        $this->keeper = new Keeper($this);
    }

    public function test_a_part_is_of_the_variety_the_planting_and_the_year_of_its_lot(): void
    {
        [$kale, $planting] = $this->kale();
        $light = $this->apart($kale, 'light', 12.0);
        $sheet = $this->getJson("/api/lots/$light")->assertOk();
        self::assertSame([$planting, $kale, 2026, 'threshed'], [$sheet->json('planting'), $sheet->json('part_of.code'), $sheet->json('tag.year'), $sheet->json('stage')]);
        self::assertSame([$light], array_column($this->getJson("/api/lots/$kale")->json('parts'), 'code'));
        self::assertContains('12 g', array_map(static fn (array $fact): string => str_replace("\u{00A0}", ' ', $fact['said']), $this->keeper->section($light, 'origin')['facts']));
        $tagged = array_column($this->getJson("/api/tags?codes=$light")->assertOk()->json('0.lines'), 'said', 'label');
        self::assertSame('light seed, set apart', $tagged['Part'], 'a tag tells a part from its lot');
        self::assertArrayHasKey('Grown', $tagged);
        // The planting has both, and was picked once.
        $lots = array_column($this->getJson("/api/plantings/$planting")->json('lots'), 'code');
        sort($lots);
        self::assertSame([$kale, $light], $lots);
        // Struck, it never was; the lot says so no more.
        $entry = DB::table('journal_entries')->where('kind', 'set_apart')->value('id');
        $this->keeper->strikes((string) $entry);
        self::assertSame('nothing picked', $this->getJson("/api/lots/$light")->json('stage'));
        self::assertSame([], array_filter($this->keeper->section($kale, 'cleaning')['facts'], static fn (array $fact): bool => $fact['label'] === 'Set apart'));
    }

    public function test_off_types_grown_from_a_part_bear_on_it_and_on_what_it_is_of(): void
    {
        [$kale] = $this->kale();
        $light = $this->apart($kale, 'light', 12.0);
        $variety = (string) DB::table('varieties')->value('id');
        $grown = $this->keeper->sow($variety, '2026-09-03T10:00', 30, $this->keeper->idOf($light));
        $this->keeper->records($grown, 'off_types_seen', '2026-09-10', ['seen' => 30, 'off' => 12]);
        $this->keeper->records($grown, 'off_types_judged', '2026-09-11', ['judged' => 'crossed']);
        self::assertNotNull($this->getJson("/api/lots/$light")->json('crossed'));
        self::assertNotNull($this->getJson("/api/lots/$kale")->json('sister'), 'the same bloom');
    }

    public function test_a_line_sets_a_part_aside(): void
    {
        [$kale] = $this->kale();
        $read = $this->postJson('/api/lines/read', ['text' => "$kale set aside light seed 12 g"])->assertOk();
        $draft = $read->json('drafts.0');
        self::assertSame(['set_apart', 'lot', $this->keeper->idOf($kale)], [$draft['kind'], $draft['subject'], $draft['begins']['lot']]);
        self::assertSame([], $draft['doubts']);
        $this->postJson('/api/entries', ['drafts' => [['id' => (string) Str::uuid7(), 'about' => ['subject' => 'lot', 'id' => $draft['about']], 'begins' => ['lot' => $draft['begins']['lot']], 'kind' => 'set_apart', 'happened_at' => '2026-09-03', 'payload' => $draft['payload']]]])->assertOk();
        self::assertSame(['L2'], array_column($this->getJson("/api/lots/$kale")->json('parts'), 'code'));
    }

    public function test_of_no_lot_nothing_is_set_apart(): void
    {
        $this->kale();
        $this->postJson('/api/entries', ['drafts' => [['id' => (string) Str::uuid7(), 'about' => ['subject' => 'lot', 'id' => (string) Str::uuid7()], 'begins' => [], 'kind' => 'set_apart', 'happened_at' => '2026-09-03', 'payload' => ['lot' => (string) Str::uuid7(), 'part' => 'light']]]])->assertUnprocessable();
        self::assertSame(1, DB::table('lots')->count());
    }

    public function test_two_lots_in_one_bowl_are_asked_about_and_what_stands_in_it_is_found(): void
    {
        $bowl = (string) Str::uuid7();
        $this->postJson('/api/containers', ['id' => $bowl, 'name' => 'Blue bowl', 'kind' => 'bowl'])->assertOk();
        [$kale] = $this->kale();
        $this->keeper->records($kale, 'in_vessel', '2026-09-02T10:00', ['vessel' => $bowl, 'tag' => true]);
        self::assertContains('in Blue bowl, its tag with it', array_column($this->keeper->section($kale, 'cleaning')['facts'], 'said'));
        self::assertSame(1, $this->getJson('/api/holders')->assertOk()->collect()->firstWhere('id', $bowl)['lots']);
        self::assertSame([$kale], array_map(static fn (array $held): string => $held['tag']['code'], $this->getJson("/api/holders/$bowl")->assertOk()->json('lots')));
        $other = $this->keeper->pick($this->keeper->sow($this->keeper->variety('kale', 'Quay')), '2026-08-20T10:00');
        $asked = $this->keeper->tries($other, 'threshed', '2026-09-02T11:00', ['vessel' => $bowl])->assertUnprocessable();
        self::assertStringContainsString("$kale stands in there already", (string) json_encode($asked->json()));
        // On the racks it stands in none.
        $this->keeper->records($kale, 'spread', '2026-09-03T10:00', ['surface' => 'tray']);
        self::assertSame(0, $this->getJson('/api/holders')->collect()->firstWhere('id', $bowl)['lots']);
        $this->keeper->records($other, 'threshed', '2026-09-03T11:00', ['vessel' => $bowl]);
    }

    public function test_a_ferment_whose_place_tells_its_air_is_said_by_it_and_moves_when_that_is_another(): void
    {
        $kitchen = (string) Str::uuid7();
        $this->postJson('/api/store-places', ['id' => $kitchen, 'name' => 'Kitchen', 'temperature' => 21])->assertOk();
        $lot = $this->keeper->pick($this->keeper->sow($this->keeper->variety()), '2026-09-12T10:00');
        $this->keeper->records($lot, 'ferment_started', '2026-09-13T10:00', ['place_id' => $kitchen, 'cover' => 'cloth']);
        $vessel = fn (): array => $this->keeper->section($lot, 'cleaning')['vessel'];
        self::assertSame('2026-09-16T10:00', $vessel()['usual']);
        self::assertStringContainsString('At 21', (string) $this->getJson("/api/lots/$lot")->json('tasks.0.why'));
        $this->postJson('/api/entries', ['drafts' => [['id' => (string) Str::uuid7(), 'about' => ['subject' => 'place', 'id' => $kitchen], 'kind' => 'air_set', 'happened_at' => '2026-09-14T10:00', 'payload' => ['temperature_c' => 31]]]])->assertOk();
        // A third of it had gone in 24 h; the rest goes twice as fast.
        self::assertSame('2026-09-15T10:00', $vessel()['usual']);
        self::assertStringContainsString('The air of its place has been written down anew since, and moved this.', $vessel()['sentence']);
    }

    public function test_seed_is_never_put_away_in_a_bowl(): void
    {
        [$kale] = $this->kale();
        $this->keeper->tries($kale, 'stored', '2026-09-03T10:00', ['container' => 'bowl', 'place' => 'Shelf', 'mass_g' => 10])->assertUnprocessable();
    }

    public function test_one_crop_may_have_a_school_of_its_own(): void
    {
        $page = fn (string $crop): array => array_column(array_map(static fn (array $setting): array => ['key' => $setting['field']['key'], 'now' => $setting['now']], $this->getJson("/api/crops/$crop")->assertOk()->json('schools')), 'now', 'key');
        self::assertSame('as for every crop', $page('cucumber')['gel_school:cucumber']);
        self::assertSame(['dry_known_by:kale', 'dry_to:kale', 'dry_gel:kale', 'dry_out:kale'], array_keys($page('kale')), 'kale has no gel, and is dried');
        self::assertSame([], $page('chayote'));
        $this->putJson('/api/settings/gel_school:cucumber', ['value' => 'rinse'])->assertOk();
        self::assertSame('rubbed and rinsed at once', $page('cucumber')['gel_school:cucumber']);
        $first = fn (string $crop): string => $this->getJson('/api/lots/'.$this->keeper->pick($this->keeper->sow($this->keeper->variety($crop, "Of $crop")), '2026-08-20T10:00'))->json('offers.0.kind');
        self::assertSame(['rinsed', 'ferment_started'], [$first('cucumber'), $first('tomato')]);
        self::assertContains('Seed in gel (cucumber)', array_column($this->getJson('/api/journal')->json('lines'), 'name'));
        $this->putJson('/api/settings/gel_school:cucumber', ['value' => 'boiled'])->assertUnprocessable();
        $this->putJson('/api/settings/gel_school:unheard', ['value' => 'rinse'])->assertNotFound();
        $this->putJson('/api/settings/units:cucumber', ['value' => 'us'])->assertNotFound();
    }

    /** @return array{string, string} codes of a threshed lot, and of its planting */
    private function kale(): array
    {
        $planting = $this->keeper->sow($this->keeper->variety('kale', 'Breakwater'), '2025-06-01T10:00');
        $lot = $this->keeper->pick($planting, '2026-08-20T10:00');
        $this->keeper->records($lot, 'threshed', '2026-09-01', ['mass_g' => 400]);

        return [$lot, $planting];
    }

    private function apart(string $of, string $part, float $grams): string
    {
        $id = (string) Str::uuid7();
        $lot = $this->keeper->idOf($of);
        $this->postJson('/api/entries', ['drafts' => [['id' => (string) Str::uuid7(), 'about' => ['subject' => 'lot', 'id' => $id], 'begins' => ['lot' => $lot], 'kind' => 'set_apart', 'happened_at' => '2026-09-02', 'payload' => ['lot' => $lot, 'part' => $part, 'mass_g' => $grams]]]])->assertOk();

        return 'L'.DB::table('lots')->where('id', $id)->value('number');
    }
}
