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
    private const GROWING = ['journal_entries', 'lots', 'plantings', 'lot_standings', 'planting_standings', 'tasks', 'lot_origins', 'entry_refs'];

    /** @param  list<string>  $whole  tables that this page may read whole, with their reason */
    #[DataProvider('pages')]
    public function test_a_page_is_read_by_an_index(string $address, array $whole = []): void
    {
        $this->lay('marrow:big-garden', ['lots' => 60, 'entries' => 900]);
        // SQLite has not looked at how many rows there are, so it plans for many.
        $queries = [];
        DB::listen(static function (object $query) use (&$queries): void {
            /** @var \Illuminate\Database\Events\QueryExecuted $query */
            $queries[] = [$query->sql, $query->bindings];
        });
        $this->getJson($address)->assertOk();
        DB::getEventDispatcher()->forget(\Illuminate\Database\Events\QueryExecuted::class);
        self::assertNotSame([], $queries);
        $scans = [];
        foreach ($queries as [$sql, $bindings]) {
            if (! str_starts_with(strtolower(ltrim($sql)), 'select') && ! str_starts_with(strtolower(ltrim($sql)), 'with')) {
                continue;
            }
            foreach (DB::select("EXPLAIN QUERY PLAN $sql", $bindings) as $step) {
                /** @var object{detail: string} $step */
                // "SCAN t USING INDEX" walks an index from its beginning; with a limit behind it that is the page itself.
                if (preg_match('/^SCAN (\w+)$/', $step->detail, $table) === 1 && in_array($table[1], [...self::GROWING, 's', 't', 'o', 'j'], true) && ! in_array($table[1], $whole, true)) {
                    $scans[] = "$step->detail in $sql";
                }
            }
        }
        self::assertSame([], array_values(array_unique($scans)));
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
        yield 'this evening' => ['/api/rounds/evening'];
        yield 'the morning' => ['/api/rounds/morning'];
        yield 'plantings to look over' => ['/api/rounds/looking-over'];
        yield 'plot over the season' => ['/api/places/plot?lines=1'];
        yield 'store, narrowed' => ['/api/places/store?find=onion'];
        // Two letters are too few for the index of parts of words.
        yield 'find by two letters' => ['/api/find?text=l7', ['lot_standings', 'planting_standings']];
    }
}
