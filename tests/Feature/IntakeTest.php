<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Act;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\Support\Keeper;
use Tests\TestCase;

/** A cupboard full of seed, taken in as one. */
final class IntakeTest extends TestCase
{
    private const CUPBOARD = [
        ['crop' => 'Tomato', 'variety' => 'Sluice Gate', 'year' => '2015', 'amount' => '40', 'from' => 'A. Hale', 'container' => 'envelope', 'place' => 'Hall cupboard'],
        ['crop' => 'Leek', 'variety' => 'Towpath', 'year' => '2025', 'amount' => '2 g', 'from' => 'A. Hale', 'container' => 'jar', 'place' => 'Hall cupboard', 'germinates' => '88 %'],
        ['crop' => 'Tomato', 'variety' => 'Weir F1', 'year' => '2024', 'amount' => '8', 'from' => 'Shop', 'place' => 'Old fridge'],
        ['crop' => 'French bean', 'variety' => '', 'year' => '?', 'amount' => 'some', 'note' => 'brown, with an eye'],
    ];

    public function test_a_list_is_read_and_nothing_of_it_is_kept(): void
    {
        $lines = $this->read(self::CUPBOARD)->assertOk()->json();
        self::assertSame(['ready', 'ready', 'ready', 'ready'], array_column($lines, 'status'));
        self::assertSame(['crop' => 'Tomato', 'variety' => 'Sluice Gate', 'year' => '2015', 'amount' => '40 seeds', 'from' => 'A. Hale', 'container' => 'paper envelope', 'place' => 'Hall cupboard'], array_map(self::plain(...), $lines[0]['shown']));
        self::assertSame(['Hall cupboard', 'Hall cupboard', 'Old fridge', ''], array_column($lines, 'new_place'));
        self::assertSame([false, false, true, false], array_column($lines, 'hybrid'));
        self::assertSame('Name unknown', $lines[3]['shown']['variety']);
        self::assertSame([0, 0, 0], [DB::table('lots')->count(), DB::table('varieties')->count(), DB::table('places')->count()]);
    }

    public function test_it_is_kept_as_one_act_and_says_what_follows(): void
    {
        $act = $this->keep(self::CUPBOARD, ['places' => ['hall cupboard' => ['temperature' => '18', 'rh' => '55']]])->assertOk()->json();
        self::assertSame('4 lots, 14 September 2026', self::plain($act['said']));
        $titles = array_column($act['follows'], 'title');
        self::assertContains('1 is the last of its kind, and old or few', $titles);
        self::assertContains('1 is a hybrid', $titles);
        self::assertContains('1 is of no known age', $titles);
        self::assertSame(['L4'], array_column(collect($act['follows'])->firstWhere('title', '1 is on the bench until it is said where it lies')['lots'] ?? [], 'code'));
        self::assertSame(['L1'], array_column(collect($act['follows'])->firstWhere('title', '1 is the last of its kind, and old or few')['lots'], 'code'));

        $lot = $this->getJson('/api/lots/L1')->assertOk()->json();
        self::assertSame(['Sluice Gate', 'Tomato', 2015], [$lot['tag']['variety'], $lot['tag']['crop'], $lot['tag']['year']]);
        self::assertSame(['Stored', 'Came from elsewhere'], array_column($lot['entries'], 'title'));
        $stored = collect($lot['sections'])->firstWhere('section', 'store');
        self::assertSame(['paper envelope', 'Hall cupboard'], [$stored['container'], $stored['place']]);
        self::assertSame('air not measured', explode(', ', collect($this->getJson('/api/store-places')->json())->firstWhere('name', 'Old fridge')['said'])[1]);
        self::assertSame(['L4'], array_column(array_column($this->getJson('/api/places/bench')->json('items'), 'tag'), 'code'), 'what has no place is on the bench');
    }

    public function test_what_is_written_for_the_lists_is_what_would_be_reckoned_from_the_journal(): void
    {
        $this->keep(self::CUPBOARD)->assertOk();
        $was = [DB::table('lot_standings')->orderBy('lot_id')->get()->all(), DB::table('tasks')->orderBy('subject_id')->orderBy('kind')->get(['subject_id', 'kind', 'best_at', 'figures', 'urgency', 'code'])->all()];
        Artisan::call('marrow:rebuild');
        self::assertEquals($was, [DB::table('lot_standings')->orderBy('lot_id')->get()->all(), DB::table('tasks')->orderBy('subject_id')->orderBy('kind')->get(['subject_id', 'kind', 'best_at', 'figures', 'urgency', 'code'])->all()]);
    }

    public function test_one_line_that_cannot_be_kept_keeps_all_of_it_out(): void
    {
        $this->keep([...self::CUPBOARD, ['crop' => 'Squash', 'variety' => 'Old Harbour']])->assertStatus(422)->assertJsonValidationErrors('lines.4');
        self::assertSame([0, 0, 0, 0], [DB::table('lots')->count(), DB::table('varieties')->count(), DB::table('acts')->count(), DB::table('journal_entries')->count()]);
    }

    public function test_cut_off_half_way_nothing_of_it_is_there(): void
    {
        DB::statement("CREATE TRIGGER power_cut BEFORE INSERT ON lot_standings WHEN NEW.number = 3 BEGIN SELECT RAISE(ABORT, 'the power went'); END");
        self::assertGreaterThanOrEqual(500, $this->keep(self::CUPBOARD)->status());
        DB::statement('DROP TRIGGER power_cut');
        foreach (['lots', 'varieties', 'places', 'containers', 'acts', 'journal_entries', 'lot_standings', 'lot_containers', 'tasks'] as $table) {
            self::assertSame(0, DB::table($table)->count(), $table);
        }
        $this->keep(self::CUPBOARD)->assertOk()->assertJsonPath('lots', 4);
    }

    public function test_what_others_write_meanwhile_is_heeded(): void
    {
        // Somebody names a variety between the working out and the writing.
        $keeper = new Keeper($this);
        $named = null;
        DB::listen(static function (\Illuminate\Database\Events\QueryExecuted $query) use ($keeper, &$named): void {
            if ($named === null && str_contains($query->sql, 'lot_paces')) {
                $named = '';
                $named = $keeper->variety('leek', 'Towpath');
            }
        });
        $this->keep(self::CUPBOARD)->assertOk();
        DB::getEventDispatcher()->forget(\Illuminate\Database\Events\QueryExecuted::class);
        self::assertNotNull($named, 'it happened meanwhile');
        self::assertSame([$named], DB::table('varieties')->where('crop', 'leek')->pluck('id')->all());
        self::assertSame(1, DB::table('lots')->where('variety_id', $named)->count());
    }

    public function test_the_same_act_sent_again_is_one_act(): void
    {
        $id = (string) Str::uuid7();
        $this->keep(self::CUPBOARD, ['id' => $id])->assertOk();
        $this->keep(self::CUPBOARD, ['id' => $id])->assertOk()->assertJsonPath('lots', 4);
        self::assertSame(4, DB::table('lots')->count());
    }

    public function test_it_is_taken_back_as_one_and_nothing_of_the_journal_is_lost(): void
    {
        $keeper = new Keeper($this);
        $own = $keeper->storedTomato('Millrace');
        $id = $this->keep(self::CUPBOARD)->assertOk()->json('id');
        self::assertSame(4, $this->getJson('/api/places/store')->json('total'));
        $this->postJson("/api/intakes/$id/take-back")->assertOk()->assertJsonPath('taken_back', true);
        self::assertSame([$own], array_column(array_column($this->getJson('/api/places/store')->json('items'), 'tag'), 'code'));
        self::assertSame(0, $this->getJson('/api/places/bench')->json('total'));
        $entries = DB::table('journal_entries')->where('act', $id)->count();
        self::assertSame(8, $entries, 'four came, three were put away, one has a note');
        self::assertSame($entries, DB::table('journal_entries')->where('kind', 'struck')->count());
        $was = DB::table('lot_standings')->orderBy('lot_id')->get()->all();
        Artisan::call('marrow:rebuild');
        self::assertEquals($was, DB::table('lot_standings')->orderBy('lot_id')->get()->all());
        // Asked again it has been done.
        $this->postJson("/api/intakes/$id/take-back")->assertOk();
        self::assertSame($entries, DB::table('journal_entries')->where('kind', 'struck')->count());
    }

    public function test_what_was_recorded_since_is_asked_about_before_it_is_left_without_a_lot(): void
    {
        $id = $this->keep(self::CUPBOARD)->assertOk()->json('id');
        (new Keeper($this))->records('L1', 'withdrawn', '2026-09-14T10:00', ['seeds' => 5, 'purpose' => 'gift']);
        self::assertStringContainsString('1 of these lots', $this->getJson("/api/intakes/$id")->json('loses'));
        $this->postJson("/api/intakes/$id/take-back")->assertStatus(422)->assertJsonValidationErrors('even_so');
        self::assertSame(3, $this->getJson('/api/places/store')->json('total'));
        $this->postJson("/api/intakes/$id/take-back", ['even_so' => true])->assertOk();
        self::assertSame(0, $this->getJson('/api/places/store')->json('total'));
    }

    public function test_what_stands_already_is_not_taken_in_twice_and_a_variety_is_one_variety(): void
    {
        $this->keep(self::CUPBOARD)->assertOk();
        $again = $this->read([['code' => 'L1', 'crop' => 'Tomato', 'variety' => 'Sluice Gate'], ['crop' => 'tomato', 'variety' => 'SLUICE GATE', 'year' => '2026']])->json();
        self::assertSame(['stands', 'ready'], array_column($again, 'status'));
        self::assertFalse($again[1]['new_variety']);
        $this->keep([['code' => 'L1', 'crop' => 'Tomato', 'variety' => 'Sluice Gate'], ['crop' => 'tomato', 'variety' => 'SLUICE GATE', 'year' => '2026']])->assertOk()->assertJsonPath('lots', 1);
        self::assertSame(1, DB::table('varieties')->where('name', 'Sluice Gate')->count());
        $this->keep([['code' => 'L1', 'crop' => 'Tomato', 'variety' => 'Sluice Gate']])->assertStatus(422);
    }

    public function test_two_beans_without_a_name_are_two_varieties_and_a_name_without_more_is_what_the_keeper_said(): void
    {
        $this->keep([['crop' => 'Leek'], ['crop' => 'Leek'], ['crop' => 'Leek', 'variety' => 'Towpath']], ['unmarked' => 'open_pollinated'])->assertOk();
        self::assertSame(['Name unknown' => 'unknown', 'Name unknown 2' => 'unknown', 'Towpath' => 'open_pollinated'], DB::table('varieties')->orderBy('name')->pluck('type', 'name')->all());
    }

    public function test_a_place_may_be_a_path_of_containers_and_what_is_new_of_it_is_made(): void
    {
        $id = $this->keep([
            ['crop' => 'Leek', 'variety' => 'Towpath', 'place' => 'Hall cupboard › Blue tin › Bag 3'],
            ['crop' => 'Leek', 'variety' => 'Weir', 'place' => 'Bag 3'],
            ['crop' => 'Leek', 'variety' => 'Lock', 'place' => 'blue tin'],
        ])->assertOk()->json('id');
        self::assertSame(['Hall cupboard › Blue tin › Bag 3', 'Hall cupboard › Blue tin › Bag 3', 'Hall cupboard › Blue tin'], DB::table('lot_standings')->orderBy('number')->pluck('store_place')->all());
        self::assertSame(['Hall cupboard', 'Blue tin', 'Bag 3'], array_column($this->getJson('/api/holders')->json(), 'name'));
        self::assertSame([3, 3, 2], array_column($this->getJson('/api/holders')->json(), 'lots'));
        $was = DB::table('lot_standings')->orderBy('lot_id')->get()->all();
        Artisan::call('marrow:rebuild');
        self::assertEquals($was, DB::table('lot_standings')->orderBy('lot_id')->get()->all());
        $this->postJson("/api/intakes/$id/take-back")->assertOk();
        self::assertSame(0, DB::table('lot_containers')->count());
    }

    public function test_what_the_crop_does_not_bear_is_said_at_the_line(): void
    {
        $line = $this->read([['crop' => 'Garlic', 'variety' => 'Marlinspike', 'container' => 'jar', 'place' => 'Loft']])->json('0');
        self::assertSame('doubtful', $line['status']);
        self::assertSame('container', $line['doubts'][0]['column']);
        self::assertStringContainsString('kept alive', $line['doubts'][0]['message']);
    }

    public function test_garbage_is_turned_away_in_words(): void
    {
        $this->postJson('/api/intake/read', ['lines' => 'x'])->assertStatus(422);
        $this->postJson('/api/intake/read', ['lines' => [['id' => 'a', 'cells' => ['crop' => ['list'], 'nonsense' => 'x']]]])->assertOk()->assertJsonPath('0.status', 'stopped');
        $this->postJson('/api/intake/read', ['lines' => [['id' => 'a', 'cells' => []], ['id' => 'a', 'cells' => []]]])->assertStatus(422);
        $this->postJson('/api/intake/columns', ['rows' => []])->assertStatus(422);
        $this->keep(self::CUPBOARD, ['places' => ['Hall cupboard' => ['temperature' => '18']]])->assertStatus(422);
        $this->keep(self::CUPBOARD, ['places' => ['Hall cupboard' => ['temperature' => 'warm', 'rh' => '50']]])->assertStatus(422);
        $this->getJson('/api/intakes/nothing')->assertNotFound();
        self::assertSame(0, Act::query()->count());
    }

    public function test_it_tells_how_far_it_is(): void
    {
        $answer = $this->call('POST', '/api/intakes', server: ['HTTP_ACCEPT' => 'application/x-ndjson', 'CONTENT_TYPE' => 'application/json'], content: (string) json_encode($this->request(self::CUPBOARD)));
        $answer->assertOk();
        $said = array_map(static fn (string $line): mixed => json_decode($line, true), array_filter(explode("\n", $answer->streamedContent())));
        self::assertSame(4, end($said)['found']['lots'] ?? null);
        self::assertNotEmpty(array_filter($said, static fn (mixed $line): bool => isset($line['done'])));
    }

    public function test_what_one_line_stops_is_said_in_words_by_the_long_way_too(): void
    {
        $answer = $this->call('POST', '/api/intakes', server: ['HTTP_ACCEPT' => 'application/x-ndjson', 'CONTENT_TYPE' => 'application/json'], content: (string) json_encode($this->request([['crop' => 'Squash']])));
        self::assertStringContainsString('may mean several crops', $answer->streamedContent());
    }

    /** @param  list<array<string, string>>  $lines */
    private function read(array $lines): TestResponse
    {
        return $this->postJson('/api/intake/read', ['lines' => self::numbered($lines)]);
    }

    /**
     * @param  list<array<string, string>>  $lines
     * @param  array<string, mixed>  $more
     */
    private function keep(array $lines, array $more = []): TestResponse
    {
        return $this->postJson('/api/intakes', $this->request($lines, $more));
    }

    /**
     * @param  list<array<string, string>>  $lines
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private function request(array $lines, array $more = []): array
    {
        return $more + ['id' => (string) Str::uuid7(), 'title' => 'Cupboard', 'lines' => self::numbered($lines)];
    }

    /**
     * @param  list<array<string, string>>  $lines
     * @return list<array{id: string, cells: array<string, string>}>
     */
    private static function numbered(array $lines): array
    {
        return array_map(static fn (array $cells, int $i): array => ['id' => (string) $i, 'cells' => $cells], $lines, array_keys($lines));
    }

    private static function plain(string $text): string
    {
        return str_replace("\u{00A0}", ' ', $text);
    }
}
