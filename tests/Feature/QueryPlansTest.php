<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** That no list reads a whole table to show a page: how SQLite means to answer each query, not how long it takes. */
final class QueryPlansTest extends TestCase
{
    /** Tables that grow with the years. */
    private const GROWING = ['journal_entries', 'lots', 'plantings', 'lot_standings', 'planting_standings', 'test_standings', 'tasks', 'lot_origins', 'lot_containers', 'containers', 'entry_refs'];

    /** @param  list<string>  $whole  tables that this page may read whole, with their reason */
    #[DataProvider('pages')]
    public function test_a_page_is_read_by_an_index(string $address, array $whole = []): void
    {
        $this->lay('marrow:big-garden', ['lots' => 60, 'entries' => 900]);
        $place = (string) DB::table('places')->where('name', 'Shelf 3')->value('id');
        $box = (string) DB::table('containers')->where('name', 'Box 3')->value('id');
        // SQLite has not looked at how many rows there are, so it plans for many.
        $queries = [];
        DB::listen(static function (object $query) use (&$queries): void {
            /** @var \Illuminate\Database\Events\QueryExecuted $query */
            $queries[] = [$query->sql, $query->bindings];
        });
        $this->getJson(strtr($address, ['{place}' => $place, '{box}' => $box]))->assertOk();
        DB::getEventDispatcher()->forget(\Illuminate\Database\Events\QueryExecuted::class);
        self::assertNotSame([], $queries);
        $scans = [];
        foreach ($queries as [$sql, $bindings]) {
            if (! str_starts_with(strtolower(ltrim($sql)), 'select') && ! str_starts_with(strtolower(ltrim($sql)), 'with')) {
                continue;
            }
            $tables = self::tables($sql);
            foreach (DB::select("EXPLAIN QUERY PLAN $sql", $bindings) as $step) {
                /** @var object{detail: string} $step */
                // "SCAN t USING INDEX" walks an index from its beginning; with a limit behind it that is the page itself.
                // To be looked up by nothing but the sort of thing it is about is to be read whole.
                if (preg_match('/^SCAN (\w+)$|^SEARCH (\w+) USING .*\(subject=\?\)$/', $step->detail, $found) === 1) {
                    $table = $tables[end($found)] ?? end($found);
                    if (in_array($table, self::GROWING, true) && ! in_array($table, $whole, true)) {
                        $scans[] = "$step->detail in $sql";
                    }
                }
            }
        }
        self::assertSame([], array_values(array_unique($scans)));
    }

    /** @return array<string, string> tables of a query by what they go by in it */
    private static function tables(string $sql): array
    {
        preg_match_all('/\b(?:from|join)\s+"?(\w+)"?(?:\s+(?:as\s+)?"?(?!(?:on|where|cross|left|inner|join|order|group|limit|indexed|union)\b)(\w+)"?)?/i', $sql, $found, PREG_SET_ORDER);
        $tables = [];
        foreach ($found as $one) {
            $tables[$one[2] ?? $one[1]] = $one[1];
        }

        return $tables;
    }

    public function test_a_figure_that_is_changed_costs_by_what_it_touches(): void
    {
        $this->lay('marrow:demo');
        $asked = 0;
        DB::listen(static function () use (&$asked): void {
            $asked++;
        });
        $this->putJson('/api/crops/tomato/figures', ['path' => 'germination.minimum', 'value' => '80'])->assertOk();
        DB::getEventDispatcher()->forget(\Illuminate\Database\Events\QueryExecuted::class);
        $touched = DB::table('lots')->join('varieties', 'varieties.id', '=', 'lots.variety_id')->where('crop', 'tomato')->count()
            + DB::table('plantings')->join('varieties', 'varieties.id', '=', 'plantings.variety_id')->where('crop', 'tomato')->count();
        self::assertGreaterThan(3, $touched);
        // Of each, what is kept is written anew: its standing, tests and tasks; what it is reckoned from is read for all at once.
        self::assertLessThan(12 * $touched + 60, $asked);
    }

    /** @return iterable<string, array{0: string, 1?: list<string>}> */
    public static function pages(): iterable
    {
        yield 'today' => ['/api/today'];
        yield 'frame' => ['/api/frame'];
        yield 'store, by its end' => ['/api/places/store'];
        yield 'store, by name' => ['/api/places/store?sort=name'];
        yield 'store, by code' => ['/api/places/store?sort=code'];
        yield 'store, the last of their variety' => ['/api/places/store?only=last'];
        yield 'racks' => ['/api/places/racks'];
        yield 'bench' => ['/api/places/bench'];
        yield 'plot' => ['/api/places/plot'];
        yield 'journal' => ['/api/journal'];
        yield 'journal, further back' => ['/api/journal?before='.urlencode('2020-01-01 00:00:00 00000000000000000500')];
        yield 'a lot' => ['/api/lots/L7'];
        yield 'a planting' => ['/api/plantings/P7'];
        yield 'find' => ['/api/find?text=onion+2019'];
        yield 'people' => ['/api/people'];
        yield 'what may be swapped' => ['/api/swap-list'];
        yield 'tags of a lot' => ['/api/tags?codes=L7'];
        yield 'parting a lot' => ['/api/lots/L7/portions'];
        // What is due of the plantings that stand, which are those of a year.
        yield 'this evening' => ['/api/rounds/evening', ['tasks']];
        yield 'the morning' => ['/api/rounds/morning', ['tasks']];
        yield 'plantings to look over' => ['/api/rounds/looking-over'];
        yield 'plot over the season' => ['/api/places/plot?lines=1'];
        yield 'store, narrowed' => ['/api/places/store?find=onion'];
        yield 'what lies in a place' => ['/api/places/store?lies={place}'];
        yield 'trays' => ['/api/places/trays'];
        yield 'trays of a crop' => ['/api/places/trays?crop=onion'];
        // What was recorded of places and boxes is all shown here, and is looked up by that.
        yield 'places and boxes' => ['/api/holders', ['journal_entries']];
        yield 'what lies on a shelf' => ['/api/holders/{place}'];
        yield 'what lies in a box' => ['/api/holders/{box}'];
        yield 'forecasts against tests' => ['/api/forecasts'];
        yield 'find what all have in common' => ['/api/find?text=shelf'];
        yield 'lots to choose from' => ['/api/choices/lots?crop=onion'];
        yield 'plantings to choose from' => ['/api/choices/plantings?crop=onion'];
        yield 'the season' => ['/api/season'];
        yield 'what may be begun' => ['/api/beginnings'];
        yield 'the handbook of a crop' => ['/api/crops/onion'];
        yield 'the calendar' => ['/api/calendar.ics'];
        yield 'lists that came in as one' => ['/api/intakes'];
        yield 'a tag that was read' => ['/api/tags/read?text=L7'];
        yield 'the plan' => ['/api/plans/2027'];
        // Two letters are too few for the index of parts of words.
        yield 'find by two letters' => ['/api/find?text=l7', ['lot_standings', 'planting_standings']];
    }
}
