<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Keeper;
use Tests\TestCase;

/** That no list reads a whole table to show a page: how SQLite means to answer each query, not how long it takes. */
final class QueryPlansTest extends TestCase
{
    /** Tables that grow with the years. */
    private const GROWING = ['journal_entries', 'lots', 'plantings', 'lot_standings', 'planting_standings', 'test_standings', 'tasks', 'lot_parents', 'lot_containers', 'containers', 'entry_refs', 'readings', 'reading_days', 'forecasts'];

    /** @param  list<string>  $whole  tables that this page may read whole, with their reason */
    #[DataProvider('pages')]
    public function test_a_page_is_read_by_an_index(string $address, array $whole = []): void
    {
        $this->lay('marrow:big-garden', ['lots' => 60, 'entries' => 900]);
        $place = (string) DB::table('places')->where('name', 'Shelf 3')->value('id');
        $box = (string) DB::table('containers')->where('name', 'Box 3')->value('id');
        // SQLite has not looked at how many rows there are, so it plans for many.
        $queries = $this->asked(fn () => $this->getJson(strtr($address, ['{place}' => $place, '{box}' => $box, '{logger}' => (string) DB::table('instruments')->where('kind', 'logger')->value('id')]))->assertOk());
        self::assertNotSame([], $queries);
        self::assertSame([], self::readWhole($queries, $whole));
    }

    /**
     * @param  array<string, mixed>  $payload
     * @param  list<string>  $whole
     */
    #[DataProvider('records')]
    public function test_what_is_recorded_is_kept_by_an_index(string $of, string $kind, array $payload, array $whole = []): void
    {
        $this->lay('marrow:big-garden', ['lots' => 60, 'entries' => 900]);
        $id = static fn (string $table, string $name): string => (string) DB::table($table)->where($table === 'lots' || $table === 'plantings' ? 'number' : 'name', $name)->value('id');
        $ids = ['{place}' => $id('places', 'Shelf 3'), '{box}' => $id('containers', 'Box 3'), '{lot}' => $id('lots', '50')];
        [$subject, $about] = match ($of) {
            'lot' => ['lot', $ids['{lot}']],
            'planting' => ['planting', $id('plantings', '50')],
            'box' => ['container', $ids['{box}']],
            'shelf' => ['place', $ids['{place}']],
        };
        $queries = $this->asked(fn () => (new Keeper($this))->sends(['about' => ['subject' => $subject, 'id' => $about], 'kind' => $kind, 'happened_at' => '2026-09-13T10:00', 'payload' => array_map(static fn (mixed $value): mixed => is_string($value) ? strtr($value, $ids) : $value, $payload), 'even_so' => true])->assertOk());
        self::assertSame([], self::readWhole($queries, $whole));
    }

    /** @return iterable<string, array{0: string, 1: string, 2: array<string, mixed>, 3?: list<string>}> */
    public static function records(): iterable
    {
        yield 'a note' => ['lot', 'noted', ['text' => 'Looked at']];
        yield 'seed taken out' => ['lot', 'withdrawn', ['purpose' => 'gift', 'seeds' => 30, 'to' => 'the village seed table']];
        yield 'put into a box' => ['lot', 'stored', ['container' => 'paper_envelope', 'place_id' => '{box}']];
        yield 'a test that is begun' => ['lot', 'test_started', ['test' => '0198a5b0-0000-7000-8000-000000000001', 'replicates' => 1, 'seeds' => 25, 'temperature_c' => 20, 'method' => 'dish']];
        yield 'the first flower' => ['planting', 'first_bloom', []];
        yield 'off-types' => ['planting', 'rogued', ['looked_over' => 20, 'pulled' => 1, 'why' => 'off_type']];
        yield 'a box that is moved' => ['box', 'placed', ['place_id' => '{place}']];
        yield 'other air' => ['shelf', 'air_set', ['temperature_c' => 9, 'rh' => 60]];
    }

    /**
     * @param  \Closure(): mixed  $doing
     * @return list<array{string, array<array-key, mixed>}> queries with what is bound in them
     */
    private function asked(\Closure $doing): array
    {
        $queries = [];
        DB::listen(static function (QueryExecuted $query) use (&$queries): void {
            $queries[] = [$query->sql, $query->bindings];
        });
        $doing();
        DB::getEventDispatcher()->forget(QueryExecuted::class);

        return $queries;
    }

    /**
     * @param  list<array{string, array<array-key, mixed>}>  $queries
     * @param  list<string>  $whole  tables that may be
     * @return list<string> what reads a table that grows from end to end
     */
    private static function readWhole(array $queries, array $whole): array
    {
        $scans = [];
        foreach ($queries as [$sql, $bindings]) {
            if (preg_match('/^\s*(select|with|update|delete|insert)\b/i', $sql) !== 1) {
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

        return array_values(array_unique($scans));
    }

    /** @return array<string, string> tables of a query by what they go by in it */
    private static function tables(string $sql): array
    {
        preg_match_all('/\b(?:from|join|update|into)\s+"?(\w+)"?(?:\s+(?:as\s+)?"?(?!(?:on|where|cross|left|inner|join|order|group|limit|indexed|union)\b)(\w+)"?)?/i', $sql, $found, PREG_SET_ORDER);
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
        DB::getEventDispatcher()->forget(QueryExecuted::class);
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
        yield 'the racks at a glance' => ['/api/racks'];
        yield 'the trays at a glance' => ['/api/trays'];
        yield 'the shelf' => ['/api/shelf'];
        yield 'tastings of a planting' => ['/api/plantings/P7/tastings'];
        yield 'the round for ripe seed' => ['/api/rounds/ripeness', ['tasks']];
        yield 'instruments' => ['/api/instruments'];
        yield 'ten years of a logger' => ['/api/instruments/{logger}?from=2016-01-01'];
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
        yield 'the family of a lot' => ['/api/lots/L7/family'];
        yield 'a day in the past' => ['/api/then?day=2026-07-14'];
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
        yield 'all that can be told' => ['/api/kinds'];
        yield 'the handbook of a crop' => ['/api/crops/onion'];
        yield 'the calendar' => ['/api/calendar.ics'];
        yield 'lists that came in as one' => ['/api/intakes'];
        yield 'a tag that was read' => ['/api/tags/read?text=L7'];
        yield 'the plan' => ['/api/plans/2027'];
        // Two letters are too few for the index of parts of words.
        yield 'find by two letters' => ['/api/find?text=l7', ['lot_standings', 'planting_standings']];
    }
}
