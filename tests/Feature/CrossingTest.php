<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Support\Keeper;
use Tests\TestCase;

/** A crossing that comes to light a generation later, and bloom as it was seen. */
final class CrossingTest extends TestCase
{
    public function test_off_types_mark_the_lot_and_everything_grown_from_it(): void
    {
        $keeper = new Keeper($this);
        $variety = $keeper->variety('squash-pepo', 'Bell Buoy');
        $first = $this->sow($variety, '2023-05-01T10:00');
        $lot = $keeper->pick($first, '2023-10-01T10:00');
        $again = $this->sow($variety, '2024-05-01T10:00', $lot);
        $daughter = $keeper->pick($again, '2024-10-01T10:00');
        $grandchildren = $this->sow($variety, '2025-05-01T10:00', $daughter);
        $granddaughter = $keeper->pick($grandchildren, '2025-10-01T10:00');
        $stranger = $keeper->pick($this->sow($variety, '2025-05-02T10:00'), '2025-10-02T10:00');
        self::assertSame('not known', $this->getJson("/api/lots/$lot")->json('tag.line'));

        $growOut = $this->sow($variety, '2026-05-01T10:00', $lot);
        $entry = $this->record($growOut, 'off_types_seen', ['seen' => 5, 'off' => 2, 'how' => 'warted fruit'], '2026-08-20T10:00');

        foreach ([$lot, $daughter, $granddaughter] as $code) {
            $sheet = $this->getJson("/api/lots/$code");
            self::assertSame('crossed', $sheet->json('tag.line'), $code);
            self::assertStringContainsString("2 of 5\u{00A0}plants grown from it in $growOut were off-type; probably crossed in $first, in the bloom of 2023, or before", $sheet->json('crossed'));
        }
        self::assertStringContainsString("it descends from $lot", $this->getJson("/api/lots/$granddaughter")->json('crossed'));
        self::assertSame('not known', $this->getJson("/api/lots/$stranger")->json('tag.line'));
        self::assertNull($this->getJson("/api/lots/$stranger")->json('crossed'));

        // Struck, it was never so.
        $this->postJson("/api/entries/$entry/strike", ['id' => (string) Str::uuid7()])->assertOk();
        self::assertSame('not known', $this->getJson("/api/lots/$granddaughter")->json('tag.line'));
    }

    public function test_other_lots_of_the_same_bloom_are_doubtful_and_whoever_has_them_is_told(): void
    {
        $keeper = new Keeper($this);
        $variety = $keeper->variety('squash-pepo', 'Bell Buoy');
        $first = $this->sow($variety, '2023-05-01T10:00');
        $lot = $keeper->pick($first, '2023-10-01T10:00');
        $sister = $keeper->pick($first, '2023-10-15T10:00');
        $keeper->tries($sister, 'rinsed', '2023-11-20T10:00', [], evenSo: true)->assertOk();
        $keeper->tries($sister, 'withdrawn', '2024-02-01T10:00', ['seeds' => 20, 'purpose' => 'gift', 'to' => 'Tove'], evenSo: true)->assertOk();
        $daughter = $keeper->pick($this->sow($variety, '2024-05-01T10:00', $sister), '2024-10-01T10:00');
        $other = $keeper->pick($this->sow($variety, '2024-05-03T10:00'), '2024-10-01T10:00');
        $growOut = $this->sow($variety, '2026-05-01T10:00', $lot, 40);
        $entry = $this->record($growOut, 'off_types_seen', ['seen' => 30, 'off' => 8], '2026-08-20T10:00');

        $sheet = $this->getJson("/api/lots/$sister")->json();
        self::assertSame(['doubtful', null], [$sheet['tag']['line'], $sheet['crossed']]);
        self::assertStringStartsWith("Doubtful: $lot, picked from the same bloom of $first, turned out crossed, 8 of 30\u{00A0}plants off-type.", $sheet['sister']);
        self::assertContains('Tell Tove that it may be crossed', array_column($sheet['tasks'], 'do'));
        self::assertSame('doubtful', $this->getJson("/api/lots/$daughter")->json('tag.line'), 'what was grown from it is no better');
        self::assertNull($this->getJson("/api/lots/$other")->json('sister'));
        self::assertNull($this->getJson("/api/lots/$lot")->json('sister'), 'it is crossed itself');
        $swap = collect($this->getJson('/api/swap-list')->json('kept'))->keyBy('tag.code');
        self::assertSame('Another lot of the same bloom turned out crossed: grow some of it out first.', $swap[$sister]['said'] ?? 'Another lot of the same bloom turned out crossed: grow some of it out first.');

        $this->postJson("/api/entries/$entry/strike", ['id' => (string) Str::uuid7()])->assertOk();
        self::assertSame(['not known', null], [($after = $this->getJson("/api/lots/$sister")->json())['tag']['line'], $after['sister']]);
    }

    public function test_plants_that_differ_in_a_line_still_splitting_are_no_crossing_but_by_the_keepers_word(): void
    {
        $keeper = new Keeper($this);
        foreach (['stabilising' => 'not fixed', 'landrace' => 'mixing', 'hybrid' => 'not fixed'] as $type => $word) {
            $variety = $keeper->variety('tomato', "Cutter $type", $type);
            $lot = $keeper->pick($this->sow($variety, '2023-03-01T10:00'), '2023-09-01T10:00');
            $grown = $this->sow($variety, '2024-03-01T10:00', $lot, 40);
            $this->record($grown, 'off_types_seen', ['seen' => 30, 'off' => 5], '2024-08-01T10:00');
            $sheet = $this->getJson("/api/lots/$lot")->json();
            self::assertSame([null, $word], [$sheet['crossed'], $sheet['tag']['line']], $type);
            self::assertStringContainsString('as is to be expected of it', json_encode($this->getJson("/api/plantings/$grown")->json('facts')) ?: '');
            self::assertNotContains('judge_off_types', array_column($this->getJson("/api/plantings/$grown")->json('tasks'), 'kind'));
            $this->record($grown, 'off_types_judged', ['judged' => 'crossed'], '2024-08-02T10:00');
            self::assertNotNull($this->getJson("/api/lots/$lot")->json('crossed'), 'the keeper knows');
        }
    }

    public function test_strays_are_said_to_be_that_and_not_that_nothing_differed(): void
    {
        $keeper = new Keeper($this);
        $variety = $keeper->variety('tomato', 'Cutter');
        $lot = $keeper->pick($this->sow($variety, '2023-03-01T10:00'), '2023-09-01T10:00');
        $grown = $this->sow($variety, '2024-03-01T10:00', $lot, 40);
        $this->record($grown, 'off_types_seen', ['seen' => 30, 'off' => 5], '2024-08-01T10:00');
        $this->record($grown, 'off_types_judged', ['judged' => 'stray'], '2024-08-02T10:00');
        self::assertStringContainsString("Grown out, 5 of 30\u{00A0}plants differed, judged strays.", implode(' ', $this->getJson("/api/lots/$lot")->json('line.reasons')));
    }

    public function test_no_off_types_say_nothing_against_the_lot(): void
    {
        $keeper = new Keeper($this);
        $variety = $keeper->variety('squash-pepo', 'Bell Buoy');
        $lot = $keeper->pick($this->sow($variety, '2024-05-01T10:00'), '2024-10-01T10:00');
        $this->record($this->sow($variety, '2025-05-01T10:00', $lot), 'off_types_seen', ['seen' => 5, 'off' => 0], '2025-08-20T10:00');
        self::assertNull($this->getJson("/api/lots/$lot")->json('crossed'));
    }

    public function test_bloom_as_seen_moves_the_picking_and_the_plan(): void
    {
        $keeper = new Keeper($this);
        $variety = $keeper->variety('pea', 'Coxswain');
        $code = $this->sow($variety, '2026-03-10T10:00');
        $plan = $this->postJson('/api/plans', ['year' => 2026])->json();
        $plan = $this->putJson('/api/plans/2026', ['version' => 1, 'content' => [...$plan['content'], 'plantings' => [[
            'id' => 'p', 'crop' => 'pea', 'variety' => $variety, 'plants' => 40, 'purpose' => 'seed', 'sow' => '2026-03-10', 'planting' => $keeper->idOf($code),
            'spot' => ['x' => 0, 'y' => 0, 'width' => 2, 'depth' => 1],
        ]]]])->assertOk()->json();
        self::assertSame('2026-06-01', $plan['plantings'][0]['bloom_first']);

        $this->record($code, 'first_bloom', [], '2026-05-20T08:00');
        self::assertSame('2026-05-20', $this->getJson('/api/plans/2026')->json('plantings.0.bloom_first'));
        self::assertSame('2026-06-29', $this->ripe($code), 'and the work follows at once');
        // Peas: 40 days from the first flower to the first ripe seed.
        self::assertSame('2026-06-29T09:00', $this->getJson("/api/plantings/$code")->json('tasks.0.opens'));
        self::assertStringContainsString('40 to 60 days after the first flower', $this->getJson("/api/plantings/$code")->json('tasks.0.why'));
        $offers = array_column($this->getJson("/api/plantings/$code")->json('offers'), 'kind');
        self::assertContains('last_bloom', $offers);
        self::assertNotContains('first_bloom', $offers);
        $this->record($code, 'last_bloom', [], '2026-05-10T08:00', 422);
    }

    public function test_what_cannot_have_been_seen_is_refused(): void
    {
        $code = $this->sow((new Keeper($this))->variety('pea', 'Coxswain'), '2026-03-10T10:00');
        $this->record($code, 'last_bloom', [], '2026-06-10T08:00', 422);
        $this->record($code, 'first_bloom', [], '2026-03-01T08:00', 422);
        $this->record($code, 'off_types_seen', ['seen' => 5, 'off' => 6], '2026-06-10T08:00', 422);
        $this->record($code, 'first_bloom', [], '2026-05-20T08:00');
        $this->record($code, 'first_bloom', [], '2026-05-21T08:00', 422);
    }

    private function sow(string $variety, string $at, string $from = '', int $plants = 5): string
    {
        return (new Keeper($this))->sends([
            'about' => ['subject' => 'planting', 'id' => (string) Str::uuid7()], 'begins' => ['variety' => $variety, 'spot' => ''],
            'kind' => 'sown', 'happened_at' => $at,
            'payload' => ['plants' => $plants, 'lot' => $from === '' ? '' : (new Keeper($this))->idOf($from)],
        ])->assertOk()->json('answers.0.code');
    }

    public function test_an_own_figure_and_a_struck_observation_move_the_work(): void
    {
        $keeper = new Keeper($this);
        $variety = $keeper->variety('pea', 'Coxswain');
        $code = $this->sow($variety, '2026-03-10T10:00');
        $this->postJson('/api/plans', ['year' => 2026]);
        $plan = $this->getJson('/api/plans/2026')->json();
        $this->putJson('/api/plans/2026', ['version' => 1, 'content' => [...$plan['content'], 'plantings' => [[
            'id' => 'p', 'crop' => 'pea', 'variety' => $variety, 'plants' => 40, 'purpose' => 'seed', 'sow' => '2026-03-10', 'planting' => $keeper->idOf($code),
            'spot' => ['x' => 0, 'y' => 0, 'width' => 2, 'depth' => 1],
        ]]]])->assertOk();
        // 83 days to bloom, a week sooner in a good spring, and 40 more: 4 July.
        $ripe = fn (): ?string => $this->ripe($code);
        self::assertSame('2026-07-04', $ripe());
        $seen = $this->record($code, 'first_bloom', [], '2026-05-20T08:00');
        self::assertSame('2026-06-29', $ripe());
        $this->postJson("/api/entries/$seen/strike", ['id' => (string) Str::uuid7()])->assertOk();
        self::assertSame('2026-07-04', $ripe());

        $this->putJson('/api/crops/pea/figures', ['path' => 'growing.bloom_to_ripe.0', 'value' => 30])->assertOk();
        self::assertSame('2026-06-24', $ripe());
        self::assertSame(0, Artisan::call('marrow:rebuild'));
        self::assertSame('2026-06-24', $ripe());
    }

    /** Once it stands in the ground, looking for ripe seed is the planting's own work, not the plan's. */
    private function ripe(string $planting): string
    {
        self::assertNotContains('look_for_ripe', array_column($this->getJson('/api/plans/2026')->json('tasks'), 'kind'));

        return substr($this->getJson("/api/plantings/$planting")->json('tasks.0.opens'), 0, 10);
    }

    /** @param  array<string, mixed>  $payload */
    private function record(string $planting, string $kind, array $payload, string $at, int $status = 200): string
    {
        $id = (string) Str::uuid7();
        (new Keeper($this))->tries($planting, $kind, $at, $payload, $id)->assertStatus($status);

        return $id;
    }

    public function test_ones_own_plantings_that_bloom_together_count_without_being_asked_for_again(): void
    {
        $keeper = new Keeper($this);
        $bell = $keeper->sow($keeper->variety('squash-pepo', 'Bell Buoy'), '2026-05-01T10:00', 12);
        $lead = $keeper->sow($keeper->variety('squash-pepo', 'Sounding Lead'), '2026-05-02T10:00', 12);
        $keeper->records($bell, 'first_bloom', '2026-07-01');
        $lot = $keeper->pick($bell, '2026-09-10T10:00', ['plants' => 5, 'fruits' => 9]);
        $line = fn (): array => $this->getJson("/api/lots/$lot")->json('line');
        self::assertStringNotContainsString('Sounding Lead', self::flat($line()));
        // What the other does is recorded later, and reaches this lot.
        $keeper->records($lead, 'first_bloom', '2026-07-05');
        self::assertStringContainsString("$lead Sounding Lead bloomed in this garden meanwhile, and crosses with it", self::flat($line()));
        self::assertSame('doubtful', $this->getJson("/api/lots/$lot")->json('tag.line'));
        $was = DB::table('lot_standings')->pluck('line', 'lot_id')->all();
        Artisan::call('marrow:rebuild');
        self::assertSame($was, DB::table('lot_standings')->pluck('line', 'lot_id')->all());
        // Only a look round says how far; it goes before.
        $keeper->records($bell, 'neighbours_seen', '2026-07-20', ['within_m' => 900]);
        self::assertStringNotContainsString('Sounding Lead', self::flat($line()));
        // Another year's, another species', or one that was not seen in bloom tells nothing.
        $moschata = $keeper->sow($keeper->variety('squash-moschata', 'Ballast'), '2026-05-02T10:00', 12);
        $keeper->records($moschata, 'first_bloom', '2026-07-05');
        $other = $keeper->pick($lead, '2026-09-11T10:00', ['plants' => 5, 'fruits' => 9]);
        $said = self::flat($this->getJson("/api/lots/$other")->json('line'));
        self::assertStringContainsString('Bell Buoy', $said);
        self::assertStringNotContainsString('Ballast', $said);
    }

    /** @param  array<string, mixed>  $line */
    private static function flat(array $line): string
    {
        return str_replace("\u{00A0}", ' ', implode(' ', [$line['says'], ...$line['reasons']]));
    }
}
