<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Keeper;
use Tests\TestCase;

/** What stands on the board of each place, as seen on 14 September 2026. */
final class BoardsTest extends TestCase
{
    public function test_the_store_is_narrowed_to_a_place_a_crop_and_what_is_the_last_untested_or_past_its_edge(): void
    {
        $lines = [
            ['crop' => 'Onion', 'variety' => 'Capstan', 'year' => '2025', 'place' => 'Shed'],
            ['crop' => 'Onion', 'variety' => 'Capstan', 'year' => '2026', 'place' => 'Hall'],
            ['crop' => 'Leek', 'variety' => 'Towpath', 'year' => '2022', 'place' => 'Hall'],
        ];
        $this->postJson('/api/intakes', ['id' => (string) Str::uuid7(), 'title' => 'x', 'lines' => array_map(static fn (array $cells, int $i): array => ['id' => "$i", 'cells' => $cells], $lines, array_keys($lines))])->assertOk();
        $keeper = new Keeper($this);
        $tested = $keeper->storedTomato();
        $keeper->records($tested, 'test_started', '2026-08-20T09:00', ['test' => 'a', 'replicates' => 1, 'seeds' => 50, 'temperature_c' => 25, 'method' => 'dish']);
        $keeper->records($tested, 'test_counted', '2026-09-01T09:00', ['test' => 'a', 'normal' => [45], 'abnormal' => [0]]);
        $keeper->records($tested, 'test_ended', '2026-09-03T09:00', ['test' => 'a']);
        $codes = fn (string $query): array => array_column(array_column($this->getJson("/api/places/store?sort=code&$query")->assertOk()->json('items'), 'tag'), 'code');
        $hall = collect($this->getJson('/api/store-places')->json())->firstWhere('name', 'Hall')['id'];
        self::assertSame(['L1', 'L2', 'L3', $tested], $codes(''));
        self::assertSame(['L2', 'L3'], $codes("lies=$hall"));
        self::assertSame(['L1', 'L2'], $codes('crop=onion'));
        self::assertSame(['L3', $tested], $codes('only=last'));
        self::assertSame(['L1', 'L2', 'L3'], $codes('only=untested'));
        self::assertSame([], $codes('only=past'));
    }

    public function test_each_place_draws_its_things_on_its_own_scale(): void
    {
        $this->lay('marrow:demo');
        foreach (['plot', 'bench', 'racks', 'trays', 'store'] as $place) {
            $page = $this->getJson("/api/places/$place?lines=1")->assertOk()->json();
            self::assertNotEmpty($page['axis']['ticks'], $place);
            $bars = array_filter(array_column($page['items'], 'bar'));
            self::assertNotEmpty($bars, $place);
            foreach ($bars as $bar) {
                self::assertLessThanOrEqual($bar['to'], $bar['near'] ?? $bar['from'], $place);
                self::assertNotSame('', $bar['said']);
            }
            $at = array_column($page['axis']['ticks'], 'at');
            $rising = $at;
            sort($rising);
            self::assertSame($rising, $at, $place);
        }
        // Dry seed has no way left to go; what is still wet has.
        $racks = collect($this->getJson('/api/places/racks?lines=1')->json('items'))->keyBy('tag.code');
        self::assertSame($racks['L12']['bar']['near'], $racks['L12']['bar']['to']);
        self::assertGreaterThan($racks['L10']['bar']['near'], $racks['L10']['bar']['to']);
    }

    public function test_a_list_goes_out_whole_as_it_is_narrowed_and_comes_in_again_unchanged(): void
    {
        $cells = ['crop' => 'Tomato', 'variety' => "=Sluice 'Gate", 'type' => 'F4', 'year' => '2021', 'seeds' => '40', 'mass_g' => '0.12', 'from' => '-A. Hale', 'how' => 'swapped', 'container' => 'foil pouch', 'place' => 'Hall', 'germinates' => '85.5 %', 'tested_on' => '2025-03-01', 'packet' => 'AH-1', 'treated' => 'yes', 'terms' => 'not to be sold'];
        $this->postJson('/api/intakes', ['id' => (string) Str::uuid7(), 'title' => 'x', 'lines' => [['id' => 'a', 'cells' => $cells], ['id' => 'b', 'cells' => ['crop' => 'Leek', 'place' => 'Hall']]]])->assertOk();
        $out = $this->getJson('/api/places/store/table?find=sluice')->assertOk()->json();
        self::assertCount(1, $out['rows']);
        $match = $this->postJson('/api/intake/columns', ['rows' => [$out['headings'], ...$out['rows']]])->json();
        self::assertNotContains('', $match['columns'], 'every heading is known again');
        $again = array_combine($match['columns'], $out['rows'][0]);
        self::assertSame('stands', $this->postJson('/api/intake/read', ['lines' => [['id' => 'a', 'cells' => $again]]])->json('0.status'));
        // In another garden it is the same lot.
        $this->empties();
        \App\Models\Garden::query()->create(['name' => 'Another']);
        $this->postJson('/api/intakes', ['id' => (string) Str::uuid7(), 'title' => 'x', 'lines' => [['id' => 'a', 'cells' => $again]]])->assertOk();
        self::assertSame($out['rows'], $this->getJson('/api/places/store/table')->json('rows'));
    }

    private Keeper $keeper;

    protected function setUp(): void
    {
        parent::setUp();
        $this->keeper = new Keeper($this);
    }

    public function test_an_empty_garden_has_empty_boards(): void
    {
        foreach (['plot', 'bench', 'racks', 'trays', 'store'] as $place) {
            $this->getJson("/api/places/$place")->assertOk()->assertJsonPath('total', 0)->assertJsonPath('pages', 1)->assertJsonPath('items', []);
        }
        $this->getJson('/api/places/attic')->assertNotFound();
        self::assertSame([0, 0, 0, 0, 0], array_column($this->getJson('/api/frame')->json('places'), 'here'));
    }

    public function test_a_planting_stands_on_the_plot_until_its_season_is_over(): void
    {
        $old = $this->keeper->sow($this->keeper->variety('pea', 'Bosun'), '2023-03-20T10:00', 30);
        $pea = $this->keeper->sow($this->keeper->variety('pea', 'Coxswain'), '2026-03-20T10:00', 30);
        self::assertSame([$pea], $this->on('plot'), "$old is long gone");
        $item = $this->first('plot');
        self::assertSame(['30 plants', 'nothing picked yet', 'Glasshouse'], [self::plain($item['figure']), $item['label'], $item['detail']]);
        $this->keeper->pick($pea, '2026-07-10T10:00', ['plants' => 20, 'fruits' => 100]);
        self::assertSame('1 lot picked', self::plain($this->first('plot')['label']));
    }

    public function test_on_the_bench_stands_what_is_still_to_be_cleaned_with_how_long_it_has_lain(): void
    {
        $lot = $this->tomato('2026-09-10T10:00');
        $item = $this->first('bench');
        self::assertSame([$lot, '4 days ago', 'picked', ''], [$item['tag']['code'], self::plain($item['figure']), $item['label'], $item['detail']]);
        $this->keeper->records($lot, 'ferment_started', '2026-09-12T10:00', ['temperature_c' => 24, 'cover' => 'cloth']);
        $item = $this->first('bench');
        self::assertSame(['2 days ago', 'fermenting'], [self::plain($item['figure']), $item['label']]);
        self::assertSame('pour_off', $item['task']['kind']);
    }

    public function test_counted_seed_from_elsewhere_says_how_many_and_never_a_weight_that_nobody_weighed(): void
    {
        $draft = ['about' => ['subject' => 'lot', 'id' => (string) Str::uuid7()], 'begins' => ['variety' => $this->keeper->variety('maize', 'Stook')], 'kind' => 'received', 'happened_at' => '2026-03-01'];
        $lot = $this->keeper->sends($draft + ['payload' => ['how' => 'given', 'seeds' => '60']])->assertOk()->json('answers.0.code');
        self::assertSame('60 seeds', self::plain($this->first('bench')['detail']));
        $this->keeper->records($lot, 'spread', '2026-03-02', ['surface' => 'mesh']);
        self::assertSame(['–', 'not weighed'], [$this->first('racks')['figure'], $this->first('racks')['label']]);
        $this->keeper->records($lot, 'weighed', '2026-03-03', ['mass_g' => 14]);
        self::assertSame('14 g', self::plain($this->first('racks')['figure']));
    }

    public function test_on_the_racks_the_moisture_stands_or_the_weight_or_that_nobody_weighed(): void
    {
        $lot = $this->tomato('2026-09-01T10:00');
        $this->keeper->records($lot, 'rinsed', '2026-09-02T10:00');
        $this->keeper->records($lot, 'spread', '2026-09-02T11:00', ['surface' => 'plate']);
        $figures = fn (): array => [self::plain($this->first('racks')['figure']), $this->first('racks')['label']];
        self::assertSame(['–', 'not weighed'], $figures());
        $this->keeper->records($lot, 'spread', '2026-09-02T12:00', ['surface' => 'plate', 'mass_g' => 20, 'moisture' => 50]);
        self::assertSame(['50.0 %', 'moisture'], $figures());
        $this->keeper->records($lot, 'weighed', '2026-09-06T12:00', ['mass_g' => 12.5]);
        self::assertSame(['20.0 %', 'moisture'], $figures());
    }

    public function test_a_test_stays_on_the_trays_for_three_weeks_after_its_end(): void
    {
        $lot = $this->keeper->storedTomato();
        $set = ['replicates' => 2, 'seeds' => 25, 'temperature_c' => 24, 'method' => 'dish'];
        $this->keeper->records($lot, 'test_started', '2026-08-12T09:00', ['test' => 'a', ...$set]);
        self::assertSame(['day 33', 'not counted yet'], [$this->first('trays')['figure'], $this->first('trays')['label']]);
        $this->keeper->records($lot, 'test_counted', '2026-08-20T09:00', ['test' => 'a', 'normal' => [10, 9], 'abnormal' => [0, 0]]);
        $item = $this->first('trays');
        self::assertSame(['38 %', 'up so far', '19 of 50 seeds, day 33'], [self::plain($item['figure']), $item['label'], self::plain($item['detail'])]);
        $this->keeper->records($lot, 'test_ended', '2026-08-26T09:00', ['test' => 'a']);
        $item = $this->first('trays');
        self::assertSame(['germinated', '19 of 50 seeds, ended', true, null], [$item['label'], self::plain($item['detail']), $item['at_risk'], $item['task']]);
        self::assertCount(1, $this->getJson('/api/places/trays?on=2026-09-15')->json('items'));
        self::assertCount(0, $this->getJson('/api/places/trays?on=2026-09-17')->json('items'));
        self::assertSame(1, $this->counted('trays'), 'as many as stand on its page');
    }

    public function test_in_store_stands_what_was_tested_where_it_is_and_how_much(): void
    {
        $lot = $this->keeper->storedTomato();
        $item = $this->first('store');
        self::assertSame(['not tested', '3 600 seeds, Old fridge'], [$item['label'], self::plain($item['detail'])]);
        $this->tested($lot, 45);
        self::assertSame('90 %, likely 79 to 96 %', self::plain($this->first('store')['label']));
    }

    public function test_what_is_used_up_is_found_but_stands_nowhere(): void
    {
        $lot = $this->keeper->storedTomato();
        $this->keeper->sends(['even_so' => true] + $this->keeper->draft($lot, 'withdrawn', '2026-09-01', ['purpose' => 'sowing', 'seeds' => 3600]))->assertOk();
        self::assertSame([], $this->on('store'));
        self::assertSame(0, $this->counted('store'));
        self::assertSame('used up, Old fridge', $this->getJson("/api/find?text=$lot")->json('0.where'));
    }

    /** @param  list<string>  $order */
    #[DataProvider('orders')]
    public function test_a_list_is_put_in_the_order_that_is_asked_for(string $sort, array $order): void
    {
        $this->tomato('2026-09-03T10:00', 'Sluice Gate');
        $this->tomato('2026-09-05T10:00', 'Harbour Light');
        $this->tomato('2026-09-01T10:00', 'Tide Mark');
        self::assertSame($order, $this->on('bench', "sort=$sort"));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function orders(): iterable
    {
        yield 'what has lain longest first' => ['due', ['L3', 'L1', 'L2']];
        yield 'by the variety' => ['name', ['L2', 'L1', 'L3']];
        yield 'as on the tags' => ['code', ['L1', 'L2', 'L3']];
        yield 'an order that there is not' => ['colour', ['L3', 'L1', 'L2']];
    }

    /** @param  list<string>  $found */
    #[DataProvider('searches')]
    public function test_every_word_must_be_found_in_something_that_is_known_of_it(string $text, array $found): void
    {
        $this->tomato('2026-09-03T10:00', 'Sluice Gate');
        $this->tomato('2026-09-05T10:00', 'Harbour Light');
        $this->keeper->records('L2', 'noted', '2026-09-06', ['text' => 'From the 100 % shaded end_bed by the Café']);
        $this->keeper->pick($this->keeper->sow($this->keeper->variety('pepper', 'Lantern')), '2026-09-07T10:00');
        self::assertSame($found, $this->on('bench', 'find='.urlencode($text)));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function searches(): iterable
    {
        yield 'a variety' => ['harbour', ['L2']];
        yield 'in any case, in any order' => ['LIGHT harb', ['L2']];
        yield 'by its Latin name' => ['lycopersicum', ['L1', 'L2']];
        yield 'by its crop' => ['pepper', ['L3']];
        yield 'by its code' => ['l1', ['L1']];
        yield 'by a note' => ['shaded', ['L2']];
        yield 'all words, not any' => ['harbour pepper', []];
        yield 'a per cent sign is no wildcard' => ['100 %', ['L2']];
        yield 'nor is a line below' => ['end_bed', ['L2']];
        yield 'without its accent, and in the middle of a word' => ['afe', ['L2']];
        yield 'with an accent put on afterwards' => ["CAFE\u{0301}", ['L2']];
        yield 'two letters are enough' => ['af', ['L2']];
        yield 'a quotation mark is no operator' => ['"harbour" OR', []];
        yield 'nor is a word of the index' => ['NOT light', []];
        yield 'a lone wildcard finds nothing by itself' => ['sluice%gate', []];
    }

    public function test_a_long_list_is_leafed_through_and_a_leaf_too_far_is_empty(): void
    {
        $planting = $this->keeper->idOf($this->keeper->sow($this->keeper->variety()));
        $drafts = [];
        for ($i = 0; $i < 41; $i++) {
            $drafts[] = ['about' => ['subject' => 'lot', 'id' => (string) Str::uuid7()], 'begins' => ['planting' => $planting], 'kind' => 'picked', 'happened_at' => '2026-09-01T10:00', 'payload' => ['plants' => 1, 'fruits' => 1]];
        }
        $this->keeper->sends(...array_slice($drafts, 0, 40))->assertOk();
        $this->getJson('/api/places/bench?sort=code')->assertJsonCount(40, 'items')->assertJsonPath('total', 40)->assertJsonPath('pages', 1);
        $this->keeper->sends($drafts[40])->assertOk();
        $first = $this->getJson('/api/places/bench?sort=code')->assertJsonPath('total', 41)->assertJsonPath('pages', 2)->json('items');
        $second = $this->getJson('/api/places/bench?sort=code&page=2')->assertJsonPath('page', 2)->assertJsonPath('total', 41)->json('items');
        self::assertSame([40, 1, 'L41'], [count($first), count($second), $second[0]['tag']['code']]);
        $this->getJson('/api/places/bench?page=9')->assertOk()->assertJsonPath('items', [])->assertJsonPath('total', 41);
    }

    public function test_the_belt_counts_the_day_on_which_a_thing_is_best_done_and_marks_what_may_be_lost(): void
    {
        $lot = $this->tomato('2026-09-14T08:00');
        $this->keeper->records($lot, 'ferment_started', '2026-09-14T08:00', ['temperature_c' => 21, 'cover' => 'cloth']);
        $days = collect($this->getJson('/api/frame')->json('belt'))->flatMap(static fn (array $week): array => $week['days'])->keyBy('date');
        // 72 h at 21 °C.
        $day = $days->get('2026-09-17');
        self::assertSame([1, true, ['L1 pour off']], [$day['count'], $day['alarm'], $day['marks']]);
        self::assertSame(0, $days->get('2026-09-15')['count']);
        self::assertCount(364, $days);
    }

    private function tomato(string $at, string $variety = 'Sluice Gate'): string
    {
        return $this->keeper->pick($this->keeper->sow($this->keeper->variety('tomato', $variety)), $at);
    }

    private function tested(string $lot, int $up): void
    {
        $this->keeper->records($lot, 'test_started', '2026-08-12T09:00', ['test' => 'a', 'replicates' => 1, 'seeds' => 50, 'temperature_c' => 24, 'method' => 'dish']);
        $this->keeper->records($lot, 'test_counted', '2026-08-25T09:00', ['test' => 'a', 'normal' => [$up], 'abnormal' => [0]]);
        $this->keeper->records($lot, 'test_ended', '2026-08-26T09:00', ['test' => 'a']);
    }

    /** @return list<string> codes in the order in which they stand */
    private function on(string $place, string $query = ''): array
    {
        return array_column(array_column($this->getJson("/api/places/$place?$query")->assertOk()->json('items'), 'tag'), 'code');
    }

    /** @return array<string, mixed> */
    private function first(string $place): array
    {
        return $this->getJson("/api/places/$place")->assertOk()->json('items.0');
    }

    private function counted(string $place): int
    {
        return collect($this->getJson('/api/frame')->json('places'))->firstWhere('place', $place)['here'];
    }

    private static function plain(string $text): string
    {
        return str_replace(["\u{00A0}", "\u{202F}"], ' ', $text);
    }

    public function test_the_plot_is_seen_over_the_season_with_what_is_in_bloom_and_what_would_cross(): void
    {
        $keeper = new Keeper($this);
        $lead = $keeper->sow($keeper->variety('squash-pepo', 'Sounding Lead'), '2026-05-10T10:00');
        $bell = $keeper->sow($keeper->variety('squash-pepo', 'Bell Buoy'), '2026-05-12T10:00');
        $same = $keeper->sow((string) DB::table('varieties')->where('name', 'Bell Buoy')->value('id'), '2026-05-13T10:00');
        $pea = $keeper->sow($keeper->variety('pea', 'Coxswain'), '2026-03-10T10:00');
        foreach ([$lead, $bell, $same] as $planting) {
            $keeper->records($planting, 'first_bloom', '2026-09-10T08:00');
        }
        $page = $this->getJson('/api/places/plot?lines=1')->assertOk()->json();
        self::assertSame('full: in bloom; hatched: until its seed is ripe', $page['axis']['legend']);
        self::assertEqualsWithDelta(0.0, $page['axis']['now'], 1e-9);
        $lines = collect($page['items'])->keyBy('tag.code');
        self::assertSame(['in bloom', "could cross today with $bell Bell Buoy, $same Bell Buoy", true], [$lines[$lead]['figure'], $lines[$lead]['label'], $lines[$lead]['at_risk']]);
        self::assertSame("could cross today with $lead Sounding Lead", $lines[$bell]['label'], 'not with its own variety');
        self::assertSame(['seed is past', false], [$lines[$pea]['figure'], $lines[$pea]['at_risk']]);
        self::assertStringStartsWith('In bloom Thursday 10 September to', $lines[$lead]['bar']['said']);
        self::assertStringContainsString('its end reckoned', $lines[$lead]['bar']['said']);
        self::assertLessThan(0, $lines[$lead]['bar']['from']);
        self::assertGreaterThan(0, $lines[$lead]['bar']['near']);
        // When the one is over, the other has nothing to cross with.
        $keeper->records($bell, 'last_bloom', '2026-09-12T08:00');
        $keeper->records($same, 'last_bloom', '2026-09-12T08:00');
        self::assertSame('10 plants', self::plain(collect($this->getJson('/api/places/plot?lines=1')->json('items'))->keyBy('tag.code')[$lead]['label']));
        // A list of tags has no use for it.
        self::assertNull($this->getJson('/api/places/plot')->json('axis'));
    }
}
