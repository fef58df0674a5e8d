<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** The generated garden that the benchmark measures: right, not only fast. */
final class LargeGardenTest extends TestCase
{
    private const LOTS = 260;

    protected function setUp(): void
    {
        parent::setUp();
        $this->lay('marrow:big-garden', ['lots' => self::LOTS, 'entries' => 4000]);
    }

    public function test_it_has_as_many_lots_and_entries_as_were_asked_for(): void
    {
        self::assertSame(self::LOTS, DB::table('lots')->count());
        self::assertSame(4000, DB::table('journal_entries')->count());
    }

    public function test_every_entry_of_it_fits(): void
    {
        $adrift = 0;
        foreach (range(1, self::LOTS, 13) as $n) {
            foreach ($this->getJson("/api/lots/L$n")->assertOk()->json('entries') as $entry) {
                $adrift += $entry['adrift'] === null ? 0 : 1;
            }
        }
        self::assertSame(0, $adrift);
    }

    public function test_pages_hold_every_lot_once(): void
    {
        $seen = [];
        $page = 1;
        do {
            $answer = $this->getJson("/api/places/store?sort=code&page=$page")->assertOk();
            array_push($seen, ...array_column(array_column($answer->json('items'), 'tag'), 'code'));
        } while ($page++ < $answer->json('pages'));
        self::assertGreaterThan(1, $answer->json('pages'));
        self::assertCount($answer->json('total'), $seen);
        self::assertSame(array_unique($seen), $seen);
    }

    public function test_counts_of_the_frame_agree_with_the_lists(): void
    {
        foreach ($this->getJson('/api/frame')->json('places') as $place) {
            if ($place['place'] !== 'trays') {
                self::assertSame($place['here'], $this->getJson("/api/places/{$place['place']}")->json('total'), $place['place']);
            }
        }
    }

    public function test_today_says_how_many_there_are_when_it_shows_only_the_first(): void
    {
        $today = $this->getJson('/api/today')->assertOk()->json();
        self::assertLessThanOrEqual(60, count($today['now']));
        self::assertGreaterThan(count($today['now']), $today['now_total']);
        self::assertSame(DB::table('tasks')->where('best_at', '<=', '2026-09-14 23:59:59')->whereRaw("coalesce(lapses_at, '9999') > '2026-09-14 10:00:00'")->count(), $today['now_total']);
    }

    public function test_what_is_due_is_counted_no_further_than_a_thousand(): void
    {
        $columns = 'subject, subject_id, code, kind, place, opens_at, best_at, loss, figures, day, urgency';
        foreach ([1, 2] as $twice) {
            DB::statement("INSERT INTO tasks ($columns) SELECT $columns FROM tasks");
        }
        DB::statement("UPDATE tasks SET best_at = '2026-09-01 10:00:00', opens_at = '2026-09-01 10:00:00', lapses_at = NULL, place = 'store'");
        self::assertGreaterThan(1000, DB::table('tasks')->count());
        self::assertSame(1000, $this->getJson('/api/today')->json('now_total'));
        $frame = $this->getJson('/api/frame')->json();
        self::assertSame(1000, $frame['hands_today']);
        self::assertSame(DB::table('tasks')->distinct()->count('subject_id'), array_column($frame['places'], 'hands', 'place')['store'], 'things are counted, however much is wanted of each');
    }

    public function test_what_ends_soonest_stands_first_in_the_store(): void
    {
        $lots = array_column(array_column($this->getJson('/api/places/store')->json('items'), 'tag'), 'code');
        $ends = array_map(static fn (string $code): ?string => DB::table('lot_standings')->where('number', substr($code, 1))->value('good_until'), $lots);
        $sorted = $ends;
        sort($sorted);
        self::assertSame($sorted, $ends);
    }

    public function test_it_is_never_grown_over_a_garden(): void
    {
        self::assertSame(1, Artisan::call('marrow:big-garden'));
    }
}
