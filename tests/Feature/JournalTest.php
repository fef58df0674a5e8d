<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\JournalEntry;
use App\Projection\Projector;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PDO;
use RuntimeException;
use Tests\Support\Keeper;
use Tests\TestCase;

/** The journal is what happened; everything else can be reckoned from it again. */
final class JournalTest extends TestCase
{
    public function test_the_same_entry_sent_twice_is_one_entry(): void
    {
        $keeper = new Keeper($this);
        $lot = $keeper->storedTomato();
        $id = (string) Str::uuid7();
        $gift = ['purpose' => 'gift', 'seeds' => 100];
        $keeper->tries($lot, 'withdrawn', '2026-09-01T09:00', $gift, $id)->assertOk();
        $after = $this->getJson("/api/lots/$lot")->json();
        $keeper->tries($lot, 'withdrawn', '2026-09-01T09:00', $gift, $id)->assertOk()->assertJsonPath('answers.0.entry', $id);
        $keeper->tries($lot, 'withdrawn', '2026-09-01T09:00', $gift, strtoupper($id))->assertOk();
        self::assertSame(1, JournalEntry::query()->where('id', $id)->count());
        self::assertSame($after, $this->getJson("/api/lots/$lot")->json());
    }

    public function test_one_id_with_two_stories_is_refused(): void
    {
        $keeper = new Keeper($this);
        $lot = $keeper->storedTomato();
        $id = (string) Str::uuid7();
        $keeper->tries($lot, 'withdrawn', '2026-09-01T09:00', ['purpose' => 'gift', 'seeds' => 100], $id)->assertOk();
        $keeper->tries($lot, 'withdrawn', '2026-09-01T09:00', ['purpose' => 'gift', 'seeds' => 200], $id)->assertStatus(409);
        $keeper->tries($lot, 'withdrawn', '2026-09-02T09:00', ['purpose' => 'gift', 'seeds' => 100], $id)->assertStatus(409);
        self::assertSame(3500, (int) DB::table('lot_standings')->value('seeds'));
    }

    public function test_a_new_lot_or_planting_sent_twice_is_one(): void
    {
        $keeper = new Keeper($this);
        $planting = $keeper->sow($keeper->variety());
        $start = ['id' => (string) Str::uuid7(), 'about' => ['subject' => 'lot', 'id' => (string) Str::uuid7()], 'begins' => ['planting' => $keeper->idOf($planting)], 'kind' => 'picked', 'happened_at' => '2026-08-01T10:00', 'payload' => ['plants' => 2, 'fruits' => 5]];
        $first = $keeper->sends($start)->assertOk()->json('answers.0.code');
        self::assertSame($first, $keeper->sends($start)->assertOk()->json('answers.0.code'));
        self::assertSame('L2', $keeper->pick($planting, '2026-08-02T10:00'), 'codes count on');
    }

    public function test_entries_can_be_neither_changed_nor_deleted(): void
    {
        (new Keeper($this))->storedTomato();
        foreach (["UPDATE journal_entries SET happened_at = '2020-01-01'", 'DELETE FROM journal_entries'] as $harm) {
            try {
                DB::statement($harm);
                self::fail('The journal let itself be changed.');
            } catch (QueryException $e) {
                self::assertStringContainsString('strike them', $e->getMessage());
            }
        }
    }

    public function test_projections_equal_what_the_journal_gives_afresh(): void
    {
        $this->layDemo();
        $keeper = new Keeper($this);
        // Strike every seventh entry and bring half of those back, so that adrift entries are among them.
        foreach (JournalEntry::query()->orderBy('ord')->get()->values() as $i => $entry) {
            if ($i % 7 === 3) {
                $strike = $keeper->strikes($entry->id);
                if ($i % 2 === 0) {
                    $keeper->strikes($strike);
                }
            }
        }
        $before = self::projections();
        self::assertNotSame([], $before['tasks']);
        Artisan::call('marrow:rebuild');
        self::assertSame($before, self::projections());
    }

    public function test_a_rebuild_mends_projections_that_were_lost(): void
    {
        $this->layDemo();
        $before = self::projections();
        DB::table('tasks')->delete();
        DB::table('lot_standings')->update(['place' => 'plot', 'seeds' => 1]);
        Artisan::call('marrow:rebuild');
        self::assertSame($before, self::projections());
    }

    public function test_who_records_while_all_is_reckoned_afresh_need_not_wait_for_the_end(): void
    {
        $this->layDemo();
        $other = new PDO("sqlite:$this->database", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::ATTR_TIMEOUT => 0]);
        $wrote = 0;
        $this->app->make(Projector::class)->rebuild(static function () use ($other, &$wrote): void {
            // Locked, this would throw at once.
            $wrote += $other->exec('UPDATE gardens SET name = name');
        });
        self::assertGreaterThan(1, $wrote);
    }

    public function test_what_was_cut_off_while_it_was_reckoned_afresh_is_begun_anew(): void
    {
        $this->layDemo();
        Artisan::call('marrow:ready');
        $before = self::projections();
        DB::table('tasks')->delete();
        DB::table('lot_standings')->update(['seeds' => 1]);
        try {
            $this->app->make(Projector::class)->rebuild(static fn () => throw new RuntimeException('the power went'));
            self::fail('It was not cut off.');
        } catch (RuntimeException) {
            self::assertNotSame($before, self::projections());
        }
        Artisan::call('marrow:ready');
        self::assertSame($before, self::projections());
    }

    public function test_a_container_goes_by_an_id_of_the_usual_form(): void
    {
        $keeper = new Keeper($this);
        $lot = $keeper->storedTomato();
        $move = ['container' => 'jar', 'mass_g' => 10.8, 'place' => 'Old fridge', 'temperature_c' => 5, 'rh' => 60];
        $keeper->tries($lot, 'stored', '2026-08-20T10:00', [...$move, 'into' => 'the blue tin'])->assertStatus(422)
            ->assertJsonPath('answers.0.errors.into', 'The id of a container is a UUID, made by whoever records.');
        $keeper->tries($lot, 'stored', '2026-08-20T10:00', [...$move, 'into' => (string) Str::uuid7()])->assertOk();
    }

    public function test_a_struck_sowing_can_be_recorded_anew_but_not_after_its_pickings(): void
    {
        $keeper = new Keeper($this);
        $planting = $keeper->sow($keeper->variety(), '2026-03-20T10:00');
        $lot = $keeper->pick($planting, '2026-08-01T10:00');
        $sown = $this->getJson("/api/plantings/$planting")->json('entries.0.id');
        $keeper->strikes($sown);
        $again = static fn (string $at) => $keeper->tries($planting, 'sown', $at, ['plants' => 12]);
        $again('2026-08-15T10:00')->assertStatus(422)->assertJsonPath('answers.0.errors.happened_at', 'L1 was picked from this planting on 1 August 2026, so it cannot have been sown on 15 August 2026.');
        $again('2026-04-02T10:00')->assertOk();
        $this->getJson("/api/lots/$lot")->assertJsonPath('stage', 'picked');
        $this->getJson("/api/plantings/$planting")->assertJsonPath('plants', 12);
        $before = self::projections();
        Artisan::call('marrow:rebuild');
        self::assertSame($before, self::projections());
    }

    private function layDemo(): void
    {
        $this->lay('marrow:demo');
    }

    /** @return array<string, list<array<string, mixed>>> */
    private static function projections(): array
    {
        $rows = static fn (string $table, string $order, string ...$without): array => DB::table($table)->orderByRaw($order)->get()
            ->map(static fn (object $row): array => array_diff_key((array) $row, array_flip($without)))->all();

        return [
            'lots' => $rows('lot_standings', 'lot_id'),
            'plantings' => $rows('planting_standings', 'planting_id'),
            'tests' => $rows('test_standings', 'lot_id, test_id'),
            'tasks' => $rows('tasks', 'subject_id, kind, best_at, about', 'id'),
            'plans' => $rows('plan_tasks', 'year, planting, kind, on_day'),
        ];
    }

    public function test_it_is_narrowed_by_who_what_of_what_and_when(): void
    {
        $keeper = new Keeper($this);
        $this->withHeader('X-Keeper', 'Maren');
        $planting = $keeper->sow($keeper->variety('pea', 'Bell Buoy'), '2026-04-01T10:00');
        $keeper->records($planting, 'watered', '2026-05-01T10:00', []);
        $this->withHeader('X-Keeper', 'Tove');
        $keeper->records($planting, 'watered', '2026-06-01T10:00', []);
        $other = $keeper->sow($keeper->variety('pea', 'Groyne'), '2026-06-02T10:00');
        $titles = fn (string $query): array => $this->getJson("/api/journal?$query")->assertOk()->json('lines.*.entry.title');
        // Names that were added are in it too; they are of no thing.
        self::assertSame(['Sown', 'Watered'], array_values(array_intersect($titles('by=tove'), ['Sown', 'Watered'])));
        self::assertSame(['Watered', 'Watered'], $titles('kind=watered'));
        self::assertSame(['Watered', 'Watered', 'Sown'], $titles("of=$planting"));
        self::assertSame(['Watered'], $titles("of=$planting&from=1.5.2026&to=31 may 2026"));
        self::assertSame(['Sown'], $titles("of=$other"));
        self::assertSame(['Maren', 'Tove'], $this->getJson('/api/journal')->json('keepers'));
        $this->getJson('/api/journal?of=L99')->assertUnprocessable()->assertJsonPath('message', 'There is no L99.');
        $this->getJson('/api/journal?from=no+day')->assertUnprocessable();
        $this->getJson('/api/journal?kind=dreamt')->assertUnprocessable();
    }
}
