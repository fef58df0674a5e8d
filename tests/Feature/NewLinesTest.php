<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Marrow\Core\Botany\CropReference;
use Tests\Support\Keeper;
use Tests\TestCase;

/** A cross on purpose, its generations, a hybrid made true, mixing, and going back before a crossing. */
final class NewLinesTest extends TestCase
{
    private Keeper $keeper;

    protected function setUp(): void
    {
        parent::setUp();
        $this->keeper = new Keeper($this);
    }

    public function test_a_cross_is_counted_to_its_release_and_what_comes_of_that_is_a_variety(): void
    {
        [$mothers, $fathers] = [$this->sown('Cork Float', '2018'), $this->sown('Amber Beacon', '2018')];
        $this->keeper->tries($mothers, 'hand_pollinated', '2018-06-14T08:00', ['flowers' => 3, 'mother' => '2', 'fathers' => '1, 4', 'pollen' => $this->keeper->idOf($fathers)], evenSo: true)->assertOk();
        $offer = collect($this->getJson("/api/plantings/$mothers")->json('offers'))->firstWhere('kind', 'cross_picked');
        $usual = collect($offer['fields'])->pluck('usual', 'key');
        self::assertSame([$this->keeper->idOf($fathers), '2', '1'], [$usual['pollen'], $usual['mother'], (string) $usual['plants']], 'the form knows what was pollinated with what');

        $f1 = $this->crossed($mothers, ['name' => 'Riding Light', 'pollen' => $this->keeper->idOf($fathers), 'plants' => 1, 'mother' => '2', 'fathers' => '1, 4', 'fruits' => 3])->assertOk()->json('answers.0.code');
        self::assertSame(['Riding Light', 'F1', 'hybrid'], $this->tag($f1), 'it is of the cross, and not of its mother’s variety');
        $this->keeper->records($f1, 'trait_named', '2018-09-04T19:00', ['trait' => 'Colour', 'wanted' => 'yellow', 'dominance' => 'recessive', 'shows' => 'fruit']);
        $road = $this->getJson("/api/lots/$f1/road")->assertOk()->json();
        self::assertStringContainsString('tell nothing', $road['wanted'][0], 'the fruit of the cross is its mother’s');
        self::assertStringContainsString('grow 11', $road['search'], 'one in four of the F2: log(0.05)/log(0.75) is 10.4');

        $f2 = $this->grown($f1, '2019', ['plants' => 4, 'fruits' => 10]);
        $f3 = $this->grown($f2, '2020', ['plants' => 1, 'fruits' => 3, 'mother' => '17']);
        $f4 = $this->grown($f3, '2021', ['plants' => 1, 'fruits' => 3, 'mother' => '3']);
        self::assertSame([['Riding Light', 'F2', 'not fixed'], ['Riding Light', 'F3 17', 'not fixed'], ['Riding Light', 'F4 17-3', 'not fixed']], array_map($this->tag(...), [$f2, $f3, $f4]));
        self::assertSame(['Riding Light', 'F4 17-3'], array_slice($this->tagOf($this->plantingOf($f4, '2022')), 0, 2), 'what is sown of it is of its generation');

        // Released too early, it is asked how much of it still splits.
        $asked = $this->keeper->tries($f4, 'line_released', '2022-02-01T20:00', ['name' => 'Night Ferry']);
        self::assertStringContainsString('about 13', $asked->json('answers.0.questions.0.message') ?? $asked->getContent());
        $entry = (string) Str::uuid7();
        $this->keeper->tries($f4, 'line_released', '2022-02-01T20:00', ['name' => 'Night Ferry'], $entry, true)->assertOk();
        self::assertSame(['Night Ferry', ''], array_slice($this->tag($f4), 0, 2));
        $own = $this->grown($f4, '2023', ['plants' => 8, 'fruits' => 20]);
        self::assertSame(['Night Ferry', ''], array_slice($this->tag($own), 0, 2));
        self::assertSame('fifth own generation', $this->getJson("/api/lots/$own")->json('generation'));
        self::assertSame(['Riding Light', 'F3 17'], array_slice($this->tag($f3), 0, 2), 'what came before it stays what it was');
        Artisan::call('marrow:rebuild');
        self::assertSame(['Night Ferry', ''], array_slice($this->tag($f4), 0, 2), 'reckoned afresh, it is the same');
        $this->keeper->strikes($entry);
        self::assertSame([['Riding Light', 'F4 17-3'], ['Night Ferry', 'F5 17-3-b']], [array_slice($this->tag($f4), 0, 2), array_slice($this->tag($own), 0, 2)], 'taken back, it is of the cross again');

        $family = $this->getJson("/api/lots/$f3/family")->json();
        $drawn = collect($family['drawing']['nodes'])->keyBy('id');
        self::assertContains('cross', $drawn[$this->keeper->idOf($f1)]['marks']);
        self::assertCount(1, array_filter($family['drawing']['links'], fn (array $link): bool => $link['role'] === 'pollen' && $link['from'] === $this->keeper->idOf($fathers)));
        self::assertStringContainsString("a cross, with pollen of $fathers", collect($family['forebears'])->firstWhere('tag.code', $f1)['said']);
    }

    public function test_what_cannot_be_is_refused_at_its_field(): void
    {
        [$tomato, $bean] = [$this->sown('Cork Float', '2018'), $this->keeper->sow($this->keeper->variety('runner-bean', 'Foghorn'), '2018-05-01T10:00')];
        $refused = fn (array $payload): string => json_encode($this->crossed($tomato, $payload + ['name' => 'Odd One', 'plants' => 1, 'fruits' => 1])->json('answers.0'), JSON_THROW_ON_ERROR);
        self::assertStringContainsString('another family', $refused(['pollen' => $this->keeper->idOf($bean)]), 'a father of another crop');
        self::assertStringContainsString('whose pollen', $refused([]));
        self::assertStringContainsString('called Cork Float already', $refused(['name' => 'Cork Float', 'father' => 'a neighbour']));
        self::assertStringContainsString('and no cross', $refused(['pollen' => $this->keeper->idOf($tomato)]), 'its own pollen');
        self::assertStringContainsString('was not sown until 20 March 2020', str_replace("\u{00A0}", ' ', $refused(['pollen' => $this->keeper->idOf($this->sown('Amber Beacon', '2020'))])));
        $lot = $this->crossed($tomato, ['name' => 'Odd One', 'father' => 'a neighbour', 'plants' => 1, 'fruits' => 1])->assertOk()->json('answers.0.code');
        // Poured together of itself, a lot would be its own forebear.
        $this->keeper->sends(['about' => ['subject' => 'lot', 'id' => $this->keeper->idOf($lot)], 'kind' => 'poured_together', 'happened_at' => '2019-01-01T10:00', 'payload' => ['lot' => $this->keeper->idOf($lot), 'other' => $this->keeper->idOf($lot)]])->assertStatus(422);
        $this->getJson("/api/lots/$lot/kin/$lot")->assertStatus(422);
        $this->getJson('/api/lots/L999/road')->assertNotFound();
    }

    public function test_what_is_picked_off_a_hybrid_is_f2_and_becomes_a_line(): void
    {
        $variety = $this->keeper->variety('tomato', 'Harbour Queen', 'hybrid');
        $bought = $this->received($variety, ['how' => 'bought', 'seeds' => 12, 'year' => 2022]);
        self::assertSame(['Harbour Queen', 'F1', 'hybrid'], $this->tag($bought));
        $road = $this->getJson("/api/lots/$bought/road")->json();
        self::assertStringStartsWith('About 5 years', $road['expects'][0]);
        self::assertStringContainsString('ten years', $road['other'], 'the other way is named');
        $f2 = $this->grown($bought, '2023', ['plants' => 1, 'fruits' => 3, 'mother' => '1']);
        self::assertSame(['Harbour Queen', 'F2', 'not fixed'], $this->tag($f2), 'its seed is no hybrid again');
        self::assertContains(['label' => 'Its seed', 'said' => 'will be F2, of many kinds: neither the hybrid again nor a variety'], $this->getJson('/api/plantings/P1')->json('facts'));
        $this->keeper->records($f2, 'line_begun', '2024-02-01T20:00', ['name' => 'Slip Rope']);
        self::assertSame(['Slip Rope', 'F2', 'not fixed'], $this->tag($f2));
        self::assertSame(['Harbour Queen', 'F1', 'hybrid'], $this->tag($bought));
    }

    public function test_what_was_typed_of_a_variety_counts_where_it_can_only_be_of_one_lot(): void
    {
        $variety = (string) Str::uuid7();
        $this->postJson('/api/varieties', ['id' => $variety, 'crop' => 'tomato', 'name' => 'Weir', 'type' => 'stabilising', 'generation' => 'F4'])->assertOk();
        $one = $this->received($variety, ['how' => 'given', 'seeds' => 40]);
        $next = $this->grown($one, '2024', ['plants' => 2, 'fruits' => 4]);
        self::assertSame(['F4', 'F5'], [$this->tag($one)[1], $this->tag($next)[1]]);
        $other = $this->received($variety, ['how' => 'given', 'seeds' => 40]);
        self::assertSame(['F4', 'F4', ''], [$this->tag($one)[1], $this->tag($other)[1], $this->tag($next)[1]], 'of two nobody knows which was meant: as it was written, and no more is made of it');
        // Sown from what is only told in words, what is picked of it is as far back as is known.
        $alone = (string) Str::uuid7();
        $this->postJson('/api/varieties', ['id' => $alone, 'crop' => 'tomato', 'name' => 'Lock Gate', 'type' => 'stabilising', 'generation' => 'F3'])->assertOk();
        self::assertSame('F3', $this->tag($this->keeper->pick($this->keeper->sow($alone, '2024-03-20T10:00'), '2024-09-20T10:00'))[1]);
        $hybrid = $this->keeper->pick($this->keeper->sow($this->keeper->variety('tomato', 'Dredger', 'hybrid'), '2024-03-20T10:00'), '2024-09-20T10:00');
        self::assertSame(['F2', 'not fixed'], array_slice($this->tag($hybrid), 1), 'what is picked off a hybrid is no hybrid again');
        $told = $this->received($variety, ['how' => 'given', 'seeds' => 40, 'filial' => 6]);
        self::assertSame('F6', $this->tag($told)[1]);
    }

    public function test_what_is_crossed_bears_on_what_its_pollen_went_to_and_the_last_clean_lots_are_named(): void
    {
        $squash = $this->keeper->variety('squash-pepo', 'Bell Buoy');
        $clean = $this->received($squash, ['how' => 'given', 'seeds' => 60, 'year' => 2019], '2020-02-01T10:00');
        $crossed = $this->grown($clean, '2024', ['plants' => 3, 'fruits' => 4], crop: 'squash-pepo');
        $this->keeper->records($clean, 'withdrawn', '2022-01-10T10:00', ['purpose' => 'gift', 'seeds' => 10, 'to' => 'Tove']);
        $standing = $this->plantingOf($crossed, '2026', 40);
        $mothers = $this->keeper->sow($this->keeper->variety('squash-pepo', 'Sounding Lead'), '2026-05-10T10:00');
        $cross = $this->crossed($mothers, ['name' => 'Storm Jib', 'pollen' => $this->keeper->idOf($standing), 'plants' => 1, 'fruits' => 1], '2026-09-10T10:00')->assertOk()->json('answers.0.code');
        $this->keeper->records($standing, 'off_types_seen', '2026-08-20T10:00', ['seen' => 40, 'off' => 12]);
        self::assertSame('crossed', $this->tag($crossed)[2]);
        self::assertNotNull($this->getJson("/api/lots/$cross")->json('crossed'), 'its pollen was crossed, too');
        $back = $this->getJson("/api/lots/$crossed/crossed")->assertOk()->json();
        self::assertSame([$crossed, $cross], array_map(static fn (array $tag): string => $tag['code'], $back['touched']));
        self::assertSame([$clean], array_map(static fn (array $one): string => $one['tag']['code'], $back['clean']));
        self::assertStringContainsString('50 seeds', str_replace("\u{00A0}", ' ', $back['clean'][0]['said']));
        self::assertSame([$standing], array_map(static fn (array $one): string => $one['tag']['code'], $back['standing']));
        self::assertStringContainsString('nobody noted its bloom', $back['standing'][0]['said'], 'sown in spring, in September it is not said to be before its bloom');
        self::assertNull($this->getJson("/api/lots/$crossed/family")->json('diversity'), 'of what is crossed nothing is said to be kept or mixed in');
        $this->keeper->records($clean, 'withdrawn', '2026-09-12T10:00', ['purpose' => 'sowing', 'seeds' => 50]);
        self::assertStringContainsString('Tove in 2022', $this->getJson("/api/lots/$crossed/crossed")->json('clean.0.said'), 'used up here, somebody else has it');
        $this->getJson("/api/lots/$clean/crossed")->assertNotFound();
    }

    public function test_lots_are_told_how_they_are_related_and_what_a_mixture_would_be(): void
    {
        $leek = $this->keeper->variety('leek', 'Estuary Blue');
        $first = $this->received($leek, ['how' => 'given', 'seeds' => 400, 'year' => 2016], '2017-02-01T10:00');
        $wide = $this->grown($first, '2017', ['plants' => 30, 'fruits' => 30], '2018', 'leek');
        $few = $this->grown($wide, '2019', ['plants' => 2, 'fruits' => 2], '2020', 'leek');
        $kin = $this->getJson("/api/lots/$few/kin/$wide")->assertOk()->json();
        self::assertStringStartsWith("$few came of $wide in 1", $kin['said']);
        $family = $this->getJson("/api/lots/$few/family")->json('diversity');
        self::assertStringContainsString("The picking of $few in 2020 off 2", $family['costliest']);
        self::assertSame($first, $family['mix']['code'], 'the oldest is the widest, and there is seed of it');
        // By hand: leek crosses all but a little. f of 30 parents, then of 2 of those.
        $crop = $this->app->make(CropReference::class)->get('leek');
        $t = 0.5 * ($crop->outcrossingLow + $crop->outcrossingHigh);
        $f = static fn (float $before, int $n): float => (1 + (1 - $t + 2 * $t * $before) / (1 + $t)) / (2 * $n) + (1 - 1 / $n) * $before;
        self::assertStringContainsString(sprintf('%d', round(100 * (1 - $f($f($f(0.0, 1_000_000), 30), 2)))), $family['said']);
        self::assertEqualsWithDelta($f($f(0.0, 1_000_000), 30), $kin['kinship'], 1e-9, 'a lot and what came of it share what the older shares within itself');
        $this->getJson("/api/lots/$few/kin/".$this->received($this->keeper->variety('tomato', 'Sluice Gate'), ['how' => 'given', 'seeds' => 9]))->assertStatus(422);
    }

    public function test_many_are_folded_and_none_is_left_out(): void
    {
        $this->lay('marrow:big-garden', ['lots' => 700, 'entries' => 3000]);
        $variety = (string) DB::table('lots')->groupBy('variety_id')->orderByRaw('count(*) DESC')->value('variety_id');
        $lots = DB::table('lots')->where('variety_id', $variety)->pluck('id')->all();
        $planting = DB::table('lot_parents')->where('lot_id', $lots[0])->value('planting_id');
        // One planting that hundreds were picked from.
        DB::table('lot_parents')->whereIn('lot_id', DB::table('lots')->pluck('id'))->update(['planting_id' => $planting]);
        $family = $this->getJson("/api/varieties/$variety/family")->assertOk()->json();
        $shown = array_sum(array_map(static fn (array $node): int => $node['sort'] === 'lot' ? 1 : ($node['sort'] === 'folded' ? (int) $node['title'] : 0), $family['drawing']['nodes']));
        self::assertGreaterThanOrEqual(count($lots), $shown);
        self::assertLessThanOrEqual(300, count(array_filter($family['drawing']['nodes'], static fn (array $node): bool => $node['sort'] === 'lot')));
    }

    /** @param  array<string, mixed>  $payload */
    private function crossed(string $planting, array $payload, string $at = '2018-08-30T10:00'): TestResponse
    {
        return $this->keeper->sends(['about' => ['subject' => 'lot', 'id' => (string) Str::uuid7()], 'begins' => ['planting' => $this->keeper->idOf($planting)], 'kind' => 'cross_picked', 'happened_at' => $at, 'payload' => $payload]);
    }

    private function sown(string $name, string $year): string
    {
        return $this->keeper->sow($this->keeper->variety('tomato', $name), "$year-03-20T10:00");
    }

    /** @param  array<string, mixed>  $payload */
    private function received(string $variety, array $payload, string $at = '2023-02-01T10:00'): string
    {
        return $this->keeper->sends(['about' => ['subject' => 'lot', 'id' => (string) Str::uuid7()], 'begins' => ['variety' => $variety], 'kind' => 'received', 'happened_at' => $at, 'payload' => $payload])->assertOk()->json('answers.0.code');
    }

    private function plantingOf(string $lot, string $year, int $plants = 10): string
    {
        return $this->keeper->sow((string) DB::table('lots')->where('id', $this->keeper->idOf($lot))->value('variety_id'), "$year-03-20T10:00", $plants, $this->keeper->idOf($lot));
    }

    /** @param  array<string, mixed>  $payload */
    private function grown(string $lot, string $year, array $payload, ?string $picked = null, string $crop = ''): string
    {
        return $this->keeper->pick($this->plantingOf($lot, $year), ($picked ?? $year).'-09-20T10:00', $payload);
    }

    /** @return array{string, string, string} */
    private function tag(string $lot): array
    {
        return $this->tagOf($lot, 'lots');
    }

    /** @return array{string, string, string} */
    private function tagOf(string $code, string $of = 'plantings'): array
    {
        $tag = $this->getJson("/api/$of/$code")->json('tag');

        return [$tag['variety'], $tag['generation'], $tag['line']];
    }
}
