<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** The demo garden has something to show everywhere, today and ahead. */
final class DemoTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->lay('marrow:demo');
    }

    public function test_every_place_has_something_and_stages_differ(): void
    {
        $lots = 0;
        foreach ($this->getJson('/api/frame')->assertOk()->json('places') as $place) {
            self::assertGreaterThan(0, $place['here'], $place['place']);
            $list = $this->getJson('/api/places/'.$place['place'])->assertOk();
            self::assertSame($place['here'], $list->json('total'), $place['place']);
            $lots += in_array($place['place'], ['bench', 'racks', 'store'], true) ? $list->json('total') : 0;
        }
        self::assertGreaterThanOrEqual(8, $lots);
        $stages = array_map(fn (int $n): string => $this->getJson("/api/lots/L$n")->assertOk()->json('stage'), range(1, $lots));
        self::assertGreaterThanOrEqual(7, count(array_unique($stages)), implode(', ', array_unique($stages)));
    }

    public function test_today_puts_what_will_be_lost_first_and_gives_a_reason_for_everything(): void
    {
        $today = $this->getJson('/api/today')->assertOk()->json();
        self::assertSame('rinse', $today['now'][0]['kind']);
        self::assertTrue($today['now'][0]['alarm']);
        foreach ([...$today['now'], ...$today['open'], ...$today['next']] as $task) {
            self::assertNotSame('', $task['do']);
            self::assertMatchesRegularExpression('/\.$/', $task['why'], $task['kind']);
        }
    }

    public function test_looking_ahead_shows_how_things_will_stand(): void
    {
        $ferment = collect($this->getJson('/api/today')->json('now'))->firstWhere('kind', 'pour_off');
        self::assertFalse($ferment['alarm']);
        $ahead = $this->getJson('/api/today?on=2026-09-18')->json();
        $late = collect($ahead['now'])->firstWhere('kind', 'pour_off');
        self::assertSame('late', $late['state']);
        self::assertTrue($late['alarm']);
        self::assertSame('Pour off at once', $late['do']);
        self::assertGreaterThan($this->getJson('/api/today')->json('now_total'), $ahead['now_total']);
        $this->getJson('/api/frame?on=2026-09-18')->assertJsonPath('looking_ahead', true)->assertJsonPath('now', '2026-09-14T10:00');
    }

    public function test_the_share_alive_falls_when_looking_ahead(): void
    {
        $share = fn (string $query): float => collect($this->getJson("/api/lots/L1$query")->json('sections'))->firstWhere('section', 'store')['forecast']['share'];
        self::assertLessThan($share(''), $share('?on=2027-09-14'));
    }

    public function test_the_belt_counts_what_falls_due_in_each_week(): void
    {
        $frame = $this->getJson('/api/frame')->json();
        self::assertCount(52, $frame['belt']);
        $week = collect($frame['belt'])->first(fn (array $week): bool => collect($week['days'])->contains('date', '2026-09-14'));
        self::assertSame('2026-09-14', $week['starts'], 'the demo day is a Monday');
        $monday = $week['days'][0];
        self::assertContains('L14 rinse', $monday['marks']);
        self::assertTrue($monday['alarm']);
        self::assertSame(array_sum(array_column($week['days'], 'count')), $week['count']);
    }

    public function test_found_by_code_name_latin_name_note_and_year(): void
    {
        $codes = fn (string $text): array => array_column(array_column($this->getJson('/api/find?text='.urlencode($text))->assertOk()->json(), 'tag'), 'code');
        self::assertSame('L14', $codes('l14')[0]);
        self::assertContains('L13', $codes('sluice 2026'));
        self::assertContains('L3', $codes('Daucus'));
        self::assertContains('L7', $codes('mist on the glass'));
        self::assertContains('P19', $codes('sounding'));
        self::assertSame([], $codes('100%'));
        self::assertSame([], $codes('no such thing'));
    }

    public function test_a_list_is_narrowed_ordered_and_paged(): void
    {
        $codes = fn (string $query): array => array_column(array_column($this->getJson("/api/places/store?$query")->assertOk()->json('items'), 'tag'), 'code');
        self::assertSame(['L5'], $codes('find=spindrift'));
        self::assertSame('L1', $codes('sort=code')[0]);
        $names = array_column(array_column($this->getJson('/api/places/store?sort=name')->json('items'), 'tag'), 'variety');
        $sorted = $names;
        sort($sorted);
        self::assertSame($sorted, $names);
        self::assertSame([], $codes('page=9'));
    }

    public function test_the_journal_is_read_newest_first(): void
    {
        $moments = $ids = [];
        $older = '';
        do {
            $page = $this->getJson('/api/journal?before='.urlencode($older))->assertOk()->json();
            $moments = [...$moments, ...array_column(array_column($page['lines'], 'entry'), 'happened_at')];
            $ids = [...$ids, ...array_column(array_column($page['lines'], 'entry'), 'id')];
            $pages = ($pages ?? 0) + 1;
        } while (($older = $page['older']) !== null);
        $sorted = $moments;
        rsort($sorted);
        self::assertSame($sorted, $moments);
        // Leafed through to the end, every entry was seen once; what came in as one is one.
        self::assertGreaterThan(2, $pages);
        self::assertSame($ids, array_values(array_unique($ids)));
        self::assertCount(DB::table('journal_entries')->where('kind', '!=', 'struck')->whereNull('act')->count() + DB::table('acts')->count() + DB::table('deeds')->count(), $ids);
        self::assertSame($this->getJson('/api/journal')->json('lines'), $this->getJson('/api/journal?before=banana')->json('lines'));
    }

    public function test_the_demo_is_never_laid_over_a_garden(): void
    {
        self::assertSame(1, Artisan::call('marrow:demo'));
    }
}
