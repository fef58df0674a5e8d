<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Support\Keeper;
use Tests\TestCase;

/** Who did what: in the journal, and to the books. */
final class DeedsTest extends TestCase
{
    public function test_whatever_is_written_is_by_who_acts(): void
    {
        $keeper = new Keeper($this);
        $this->by('Ødd Marek');
        $lot = $keeper->storedTomato();
        self::assertSame(['Ødd Marek'], DB::table('journal_entries')->distinct()->pluck('recorded_by')->all());
        // Who recorded it is told with it where it is another.
        $keeper->sends([...$keeper->draft($lot, 'noted', '2026-09-14', ['text' => 'Looked at']), 'by' => 'Yusra'])->assertOk();
        self::assertSame('Yusra', DB::table('journal_entries')->where('kind', 'noted')->value('recorded_by'));
        $this->by('');
        $keeper->records($lot, 'noted', '2026-09-14', ['text' => 'Alone']);
        self::assertSame('', DB::table('journal_entries')->where('kind', 'noted')->orderByDesc('seq')->value('recorded_by'));
        self::assertSame(2, DB::table('keepers')->whereIn('name', ['Ødd Marek', 'Yusra'])->count());
    }

    public function test_what_is_done_to_settings_figures_plans_and_names_leaves_a_line(): void
    {
        $this->by('Odile');
        $this->putJson('/api/settings/room_temperature', ['value' => '17'])->assertOk();
        $this->putJson('/api/settings/room_temperature', ['value' => '17'])->assertOk();
        $this->putJson('/api/crops/leek/figures', ['path' => 'isolation.home', 'value' => '300'])->assertOk();
        $this->putJson('/api/crops/leek/figures', ['path' => 'isolation.home', 'value' => ''])->assertOk();
        $this->postJson('/api/crops', ['name' => 'Salsola', 'latin' => 'Salsola soda', 'family' => 'Amaranthaceae', 'like' => 'chard'])->assertOk();
        $this->postJson('/api/plans', ['year' => 2028])->assertOk();
        $variety = (new Keeper($this))->variety('leek', 'Night Rail');
        $this->putJson("/api/varieties/$variety", ['crop' => 'leek', 'name' => 'Day Rail', 'type' => 'open_pollinated'])->assertOk();

        $lines = array_reverse($this->getJson('/api/journal')->assertOk()->json('lines'));
        $said = array_map(static fn (array $line): array => [$line['name'], $line['entry']['title'], str_replace("\u{00A0}", ' ', $line['entry']['figures']), $line['page']], $lines);
        self::assertSame([
            ['Ordinary room, temperature', 'Set', '18 °C → 17 °C', '/books/settings#room_temperature'],
            ['Leek', 'Own figure', "apart, for a home gardener: the handbook's → 300 m", '/books/handbook/leek'],
            ['Leek', 'Own figure', "apart, for a home gardener: 300 m → the handbook's", '/books/handbook/leek'],
            ['Salsola', 'Added the crop', 'made like chard', '/books/handbook/salsola'],
            ['The plan of 2028', 'Planned', 'Started the plan', '/plot/plan/2028'],
            ['Night Rail', 'Added the variety', '', '/books/varieties'],
            ['Day Rail', 'Changed the variety', 'was Night Rail', '/books/varieties'],
        ], $said);
        self::assertSame(['Odile'], array_values(array_unique(array_column(array_column($lines, 'entry'), 'by'))));
        $this->putJson('/api/settings/units', ['value' => 'us'])->assertOk();
        self::assertStringContainsString('°F', collect($this->getJson('/api/journal')->json('lines'))->firstWhere('name', 'Ordinary room, temperature')['entry']['figures'], 'said in the form that is set');
    }

    /** Entries and deeds stand in one order, page by page, each once. */
    public function test_the_journal_pages_through_both(): void
    {
        $keeper = new Keeper($this);
        $lot = $keeper->storedTomato();
        for ($n = 0; $n < 40; $n++) {
            $keeper->records($lot, 'noted', sprintf('2026-09-14T09:%02d', $n), ['text' => "Note $n"]);
            $this->putJson('/api/settings/room_temperature', ['value' => (string) (10 + $n % 9)])->assertOk();
        }
        $seen = [];
        for ($before = ''; $before !== null;) {
            $page = $this->getJson('/api/journal?before='.urlencode($before))->assertOk()->json();
            array_push($seen, ...$page['lines']);
            $before = $page['older'];
        }
        $ids = array_column(array_column($seen, 'entry'), 'id');
        self::assertSame(array_unique($ids), $ids);
        self::assertCount(DB::table('journal_entries')->count() + DB::table('deeds')->count(), $ids);
        $moments = array_column(array_column($seen, 'entry'), 'happened_at');
        $sorted = $moments;
        rsort($sorted);
        self::assertSame($sorted, $moments);
    }

    public function test_who_is_forgotten_is_forgotten_there_too(): void
    {
        $this->by('Marek');
        $this->putJson('/api/settings/room_temperature', ['value' => '17'])->assertOk();
        $this->postJson('/api/containers', ['id' => (string) Str::uuid7(), 'name' => 'Tin of Marek', 'kind' => 'tin'])->assertOk();
        $this->by('');
        $this->postJson('/api/people/forget', ['name' => 'Marek'])->assertOk();
        self::assertSame(0, DB::table('deeds')->where('recorded_by', 'like', '%Marek%')->orWhere('figures', 'like', '%Marek%')->count());
        $this->getJson('/api/journal')->assertOk();
    }

    private function by(string $name): void
    {
        $this->withHeader('X-Keeper', rawurlencode($name));
    }
}
