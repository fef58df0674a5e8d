<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Clock;
use App\Copies\Copies;
use App\Copies\Copy;
use App\Copies\CopyFailed;
use App\Garden\Settings;
use App\Models\Marks;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PDO;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Keeper;
use Tests\TestCase;

/** Copies of the garden: whole or not at all, one a day by themselves, and gone back to whatever became of the garden. */
final class CopiesTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = $this->database.'-copies';
        mkdir($this->folder);
        config(['marrow.copies' => $this->folder]);
        Artisan::call('marrow:garden', ['name' => 'Harbour Row']);
        // Most tests make their copies themselves.
        Marks::set(Marks::COPIED_ON, '2026-09-14');
    }

    protected function tearDown(): void
    {
        foreach ([...glob("$this->folder/*") ?: []] as $file) {
            unlink($file);
        }
        rmdir($this->folder);
        parent::tearDown();
    }

    public function test_a_copy_is_for_its_owner_alone_and_says_what_it_holds(): void
    {
        (new Keeper($this))->storedTomato();
        $copy = app(Copies::class)->take("$this->folder/mine.sqlite");
        self::assertSame(['Harbour Row', 8, 1], [$copy->garden, $copy->entries, $copy->lots]);
        self::assertSame('0600', substr(sprintf('%o', fileperms($copy->file)), -4));
        self::assertSame([$copy->file], glob("$this->folder/*"), 'nothing is left over');
    }

    public function test_an_emptied_or_damaged_garden_is_not_called_copied(): void
    {
        DB::disconnect();
        file_put_contents($this->database, '');
        self::assertSame(1, Artisan::call('marrow:backup', ['file' => "$this->folder/empty.sqlite"]));
        DB::disconnect();
        file_put_contents($this->database, str_repeat('no database ', 1000));
        self::assertSame(1, Artisan::call('marrow:backup', ['file' => "$this->folder/damaged.sqlite"]));
        self::assertStringContainsString('cannot be read', Artisan::output());
        self::assertSame([], glob("$this->folder/*"));
    }

    public function test_what_is_no_whole_garden_is_never_gone_back_to(): void
    {
        (new Keeper($this))->storedTomato();
        $whole = app(Copies::class)->take("$this->folder/whole.sqlite")->file;
        $half = "$this->folder/half.sqlite";
        file_put_contents($half, substr((string) file_get_contents($whole), 0, 20_000));
        $other = "$this->folder/other.sqlite";
        (new PDO("sqlite:$other"))->exec('CREATE TABLE recipes (name TEXT)');
        foreach ([$half => 'damaged', $other => 'no garden of Marrow', "$this->folder/none.sqlite" => 'no such file'] as $file => $says) {
            try {
                Copy::in($file);
                self::fail("$file was taken for a garden.");
            } catch (CopyFailed $failed) {
                self::assertStringContainsString($says, $failed->getMessage());
            }
            self::assertSame(1, Artisan::call('marrow:restore', ['file' => $file, '--yes' => true]));
        }
        self::assertSame(8, DB::table('journal_entries')->count());
    }

    public function test_gone_back_to_a_copy_it_says_what_was_lost_and_keeps_what_stood_there(): void
    {
        $keeper = new Keeper($this);
        $lot = $keeper->storedTomato();
        $copy = app(Copies::class)->take("$this->folder/garden-2026-09-13.sqlite");
        $keeper->records($lot, 'withdrawn', '2026-09-14T08:00', ['purpose' => 'gift', 'seeds' => 100]);
        $keeper->records($lot, 'noted', '2026-09-14T08:30', ['text' => 'To the neighbours']);
        $listed = $this->getJson('/api/copies')->assertOk()->json('0');
        self::assertSame(['2026-09-13', 2, 'It lacks 2 entries that the garden holds now.'], [$listed['name'], $listed['lost'], self::plain($listed['loses'])]);
        self::assertStringContainsString('8 entries, 1 lot', self::plain($listed['holds']));

        // Told of two, it is not done when it would be three.
        $keeper->records($lot, 'noted', '2026-09-14T09:00', ['text' => 'And to the school']);
        $this->postJson('/api/copies/2026-09-13/restore', ['lost' => 2])->assertStatus(409);
        self::assertSame(11, DB::table('journal_entries')->count());

        $said = $this->postJson('/api/copies/2026-09-13/restore', ['lost' => 3])->assertOk()->json('said');
        self::assertSame(8, DB::table('journal_entries')->count());
        self::assertStringContainsString('3 600', self::plain($keeper->section($lot, 'store')['stock']));
        // What stood there can be gone back to in its turn.
        self::assertStringContainsString('garden-2026-09-14-before-', $said);
        $before = $this->getJson('/api/copies')->json('0');
        self::assertStringContainsString('before another was put back', $before['title']);
        $this->postJson("/api/copies/{$before['name']}/restore", ['lost' => $before['lost']])->assertOk();
        self::assertSame(11, DB::table('journal_entries')->count());
        self::assertSame($copy->entries, 8);
    }

    public function test_a_copy_from_before_the_database_was_changed_is_brought_up_to_date(): void
    {
        $old = "$this->folder/garden-2026-09-10.sqlite";
        (new PDO("sqlite:$old"))->exec((string) file_get_contents(base_path('tests/fixtures/garden-2026-11.sql')));
        self::assertSame(0, Artisan::call('marrow:restore', ['file' => $old, '--yes' => true]), Artisan::output());
        foreach (['frame', 'today', 'lots/L1', 'plans/2027', 'places/store'] as $path) {
            $this->getJson("/api/$path")->assertOk();
        }
        (new Keeper($this))->records('L1', 'noted', '2026-09-14', ['text' => 'Back again']);
    }

    /** @param  \Closure(string): void  $harm */
    #[DataProvider('harms')]
    public function test_whatever_became_of_the_garden_a_copy_takes_its_place_by_the_interface_and_by_command(\Closure $harm, bool $isKept): void
    {
        (new Keeper($this))->storedTomato();
        app(Copies::class)->take("$this->folder/garden-2026-09-13.sqlite");
        foreach (['interface', 'command'] as $by) {
            DB::purge();
            array_map(unlink(...), glob($this->database.'-{wal,shm}', GLOB_BRACE) ?: []);
            $harm($this->database);
            $harmed = is_file($this->database) ? (string) file_get_contents($this->database) : '';
            $this->refreshApplicationHere();
            $this->getJson('/api/lots/L1')->assertStatus(503);
            $this->refreshApplicationHere();
            self::assertSame(1, Artisan::call('marrow:ready'));
            self::assertStringContainsString('marrow:restore', Artisan::output());
            $this->refreshApplicationHere();
            self::assertNull($this->getJson('/api/copies')->assertOk()->json('0.lost'));
            if ($by === 'interface') {
                $this->postJson('/api/copies/2026-09-13/restore', ['lost' => -1])->assertOk();
            } else {
                self::assertSame(0, Artisan::call('marrow:restore', ['file' => "$this->folder/garden-2026-09-13.sqlite", '--yes' => true]), Artisan::output());
            }
            $this->getJson('/api/lots/L1')->assertOk();
            self::assertSame(8, DB::table('journal_entries')->count());
            $kept = glob("$this->folder/*.damaged") ?: [];
            self::assertSame($isKept ? [$harmed] : [], array_map(file_get_contents(...), $kept));
            array_map(unlink(...), $kept);
        }
    }

    /** @return iterable<string, array{\Closure(string): void, bool}> */
    public static function harms(): iterable
    {
        yield 'its pages torn' => [static fn (string $file) => file_put_contents($file, substr_replace((string) file_get_contents($file), random_bytes(9000), 100, 9000)), true];
        yield 'its head overwritten' => [static fn (string $file) => file_put_contents($file, substr_replace((string) file_get_contents($file), random_bytes(100), 0, 100)), true];
        yield 'half of it cut off' => [static fn (string $file) => file_put_contents($file, substr((string) file_get_contents($file), 0, (int) (filesize($file) / 2))), true];
        yield 'its last pages gone' => [static fn (string $file) => file_put_contents($file, substr((string) file_get_contents($file), 0, -9000)), true];
        yield 'a text in its place' => [static fn (string $file) => file_put_contents($file, str_repeat("a list of seeds\n", 500)), true];
        yield 'emptied' => [static fn (string $file) => file_put_contents($file, ''), false];
        yield 'gone' => [static fn (string $file) => unlink($file), false];
    }

    public function test_two_goings_back_in_one_second_keep_what_stood_there_under_two_names_and_call_nothing_damaged(): void
    {
        $keeper = new Keeper($this);
        $lot = $keeper->storedTomato();
        app(Copies::class)->take("$this->folder/garden-2026-09-13.sqlite");
        foreach ([1, 2, 3] as $time) {
            $keeper->records($lot, 'noted', '2026-09-14T08:30', ['text' => "The $time. time"]);
            $this->postJson('/api/copies/2026-09-13/restore', ['lost' => 1])->assertOk();
        }
        $kept = $this->getJson('/api/copies')->json();
        self::assertSame(['2026-09-14-before-100000-3', '2026-09-14-before-100000-2', '2026-09-14-before-100000', '2026-09-13'], array_column($kept, 'name'));
        self::assertSame([9, 9, 9, 8], array_map(fn (array $copy): int => Copy::in("$this->folder/garden-{$copy['name']}.sqlite")->entries, $kept));
        self::assertSame([], glob("$this->folder/*damaged*"));
        // Each can be gone back to.
        $this->postJson("/api/copies/{$kept[0]['name']}/restore", ['lost' => 0])->assertOk();
        self::assertStringContainsString('before another', $kept[0]['title']);
    }

    public function test_what_killed_goings_back_and_copies_left_half_made_is_cleared(): void
    {
        (new Keeper($this))->storedTomato();
        app(Copies::class)->take("$this->folder/garden-2026-09-13.sqlite");
        touch("$this->folder/garden-2026-09-12.sqlite.part1a2b");
        touch("$this->folder/garden-2026-09-12.sqlite.partffff", time() - 7200);
        app(Copies::class)->daily();
        self::assertSame(["$this->folder/garden-2026-09-12.sqlite.part1a2b"], glob("$this->folder/*.part*"), 'somebody may be at work on the other');
        $this->postJson('/api/copies/2026-09-13/restore', ['lost' => 0])->assertOk();
        self::assertSame([], glob("$this->folder/*.part*"));
    }

    public function test_a_copy_is_read_to_its_end_once_and_again_when_it_is_gone_back_to(): void
    {
        (new Keeper($this))->storedTomato();
        $copy = app(Copies::class)->take("$this->folder/garden-2026-09-13.sqlite")->file;
        $this->getJson('/api/copies')->assertJsonCount(1);
        // Spoilt without a trace of when: it is still listed, and not put in place.
        [$size, $at] = [(int) filesize($copy), (int) filemtime($copy)];
        file_put_contents($copy, substr_replace((string) file_get_contents($copy), random_bytes(6000), 4096, 6000));
        touch($copy, $at);
        clearstatcache();
        self::assertSame($size, filesize($copy));
        $this->getJson('/api/copies')->assertJsonCount(1);
        $this->postJson('/api/copies/2026-09-13/restore', ['lost' => 0])->assertStatus(422);
        self::assertSame(8, DB::table('journal_entries')->count());
        // Written otherwise, it is looked at anew, and left out.
        touch($copy, $at + 5);
        $this->getJson('/api/copies')->assertJsonCount(0);
    }

    public function test_on_a_full_disk_nothing_is_put_back_and_nothing_is_thrown_aside(): void
    {
        $disk = sys_get_temp_dir().'/marrow-full-'.bin2hex(random_bytes(4));
        mkdir($disk);
        exec('mount -t tmpfs -o size=6m tmpfs '.escapeshellarg($disk).' 2>&1', $out, $code);
        if ($code !== 0) {
            rmdir($disk);
            self::markTestSkipped('A small disk of its own cannot be made here.');
        }
        try {
            $keeper = new Keeper($this);
            $lot = $keeper->storedTomato();
            DB::purge();
            copy($this->database, "$disk/garden.sqlite");
            mkdir("$disk/copies");
            config(['marrow.copies' => "$disk/copies", 'database.connections.sqlite.database' => "$disk/garden.sqlite"]);
            $copy = app(Copies::class)->take("$disk/copies/garden-2026-09-13.sqlite");
            $keeper->records($lot, 'noted', '2026-09-14T08:30', ['text' => 'Since then']);
            DB::purge();
            // All but a little is taken by somebody else.
            $fill = fopen("$disk/music", 'w');
            self::assertNotFalse($fill);
            while (disk_free_space($disk) > 200_000 && @fwrite($fill, str_repeat('x', 65_536)) === 65_536) {
                fflush($fill);
                clearstatcache();
            }
            fclose($fill);
            $said = $this->postJson('/api/copies/2026-09-13/restore', ['lost' => 1])->assertStatus(422)->json('message');
            self::assertStringContainsString('no room on the disk', $said);
            self::assertSame(9, DB::table('journal_entries')->count(), 'the garden is as it was');
            self::assertSame([$copy->file], glob("$disk/copies/*.sqlite*"));
            DB::purge();
            unlink("$disk/music");
            $this->postJson('/api/copies/2026-09-13/restore', ['lost' => 1])->assertOk();
            self::assertSame(8, DB::table('journal_entries')->count());
        } finally {
            DB::purge();
            exec('umount '.escapeshellarg($disk));
            rmdir($disk);
        }
    }

    public function test_somebody_who_was_forgotten_stays_so_unless_it_is_wished(): void
    {
        $keeper = new Keeper($this);
        $lot = $keeper->storedTomato();
        $keeper->records($lot, 'withdrawn', '2026-09-01', ['purpose' => 'gift', 'seeds' => 40, 'to' => 'Tove']);
        app(Copies::class)->take("$this->folder/garden-2026-09-13.sqlite");
        self::assertSame(0, $this->getJson('/api/copies')->json('0.revives'));
        $this->postJson('/api/people/forget', ['name' => 'tove'])->assertOk();
        self::assertSame(1, $this->getJson('/api/copies')->json('0.revives'));
        $said = $this->postJson('/api/copies/2026-09-13/restore', ['lost' => 0])->assertOk()->json('said');
        self::assertStringContainsString('1 name was forgotten again in it.', self::plain($said));
        self::assertSame([], array_column($this->getJson('/api/people')->json(), 'name') === ['somebody'] ? [] : $this->getJson('/api/people')->json());

        $said = $this->postJson('/api/copies/2026-09-13/restore', ['lost' => 0, 'revive' => true])->assertOk()->json('said');
        self::assertStringContainsString('Somebody was forgotten since, and is in it again, as you wished.', $said);
        self::assertSame(['Tove'], array_column($this->getJson('/api/people')->json(), 'name'));
        self::assertSame(0, $this->getJson('/api/copies')->json('0.revives'), 'and is not asked about for ever');
    }

    public function test_a_lost_garden_is_not_silently_begun_anew_while_there_are_copies(): void
    {
        (new Keeper($this))->storedTomato();
        app(Copies::class)->take("$this->folder/garden-2026-09-13.sqlite");
        DB::disconnect();
        array_map(unlink(...), glob($this->database.'{,-wal,-shm}', GLOB_BRACE) ?: []);
        touch($this->database);
        self::assertSame(1, Artisan::call('marrow:ready', ['--name' => 'Another']));
        self::assertStringContainsString('garden-2026-09-13.sqlite with 8 entries', Artisan::output());
        self::assertSame(0, Artisan::call('marrow:restore', ['file' => "$this->folder/garden-2026-09-13.sqlite", '--yes' => true]));
        $this->getJson('/api/frame')->assertOk()->assertJsonPath('garden', 'Harbour Row');
        self::assertSame(0, Artisan::call('marrow:ready'));
    }

    public function test_an_empty_file_gets_its_garden_and_what_another_program_reckoned_is_reckoned_afresh(): void
    {
        DB::disconnect();
        array_map(unlink(...), glob($this->database.'{,-wal,-shm}', GLOB_BRACE) ?: []);
        touch($this->database);
        self::assertSame(0, Artisan::call('marrow:ready', ['--name' => 'New Row']), Artisan::output());
        $this->getJson('/api/frame')->assertOk()->assertJsonPath('garden', 'New Row');
        $lot = (new Keeper($this))->storedTomato();
        DB::table('lot_standings')->update(['seeds' => 1]);
        self::assertSame(0, Artisan::call('marrow:ready'));
        self::assertSame(1.0, (float) DB::table('lot_standings')->value('seeds'), 'by the same program it is not done again');
        Marks::set(Marks::RECKONED_WITH, 'an older one');
        self::assertSame(0, Artisan::call('marrow:ready'));
        self::assertSame(3600.0, (float) DB::table('lot_standings')->value('seeds'), $lot);
    }

    public function test_the_first_request_of_a_day_has_a_copy_made_and_the_second_does_not(): void
    {
        Marks::set(Marks::COPIED_ON, '2026-09-13');
        (new Keeper($this))->storedTomato();
        self::assertSame(["$this->folder/garden-2026-09-14.sqlite"], glob("$this->folder/*"));
        $made = filemtime("$this->folder/garden-2026-09-14.sqlite");
        $this->getJson('/api/today')->assertOk()->assertJsonPath('trouble', null);
        self::assertSame($made, filemtime("$this->folder/garden-2026-09-14.sqlite"));
        self::assertSame('2026-09-14', Marks::get(Marks::COPIED_ON));
    }

    public function test_a_copy_that_could_not_be_made_is_told_of_on_today(): void
    {
        Marks::set(Marks::COPIED_ON, '2026-09-13');
        config(['marrow.copies' => '/dev/null/copies']);
        $this->getJson('/api/frame')->assertOk();
        self::assertStringContainsString("Today's copy of the garden could not be made. The folder for copies, /dev/null/copies, cannot be made.", (string) $this->getJson('/api/today')->json('trouble'));
    }

    public function test_of_the_daily_copies_seven_days_five_weeks_and_twelve_months_are_kept(): void
    {
        $whole = app(Copies::class)->take("$this->folder/garden-2025-01-01.sqlite")->file;
        for ($day = new \DateTimeImmutable('2025-01-02'); $day->format('Y-m-d') < '2026-09-14'; $day = $day->modify('+1 day')) {
            copy($whole, "$this->folder/garden-{$day->format('Y-m-d')}.sqlite");
        }
        copy($whole, "$this->folder/garden-2025-03-03-101500.sqlite");
        app(Copies::class)->daily();
        $kept = array_map(static fn (string $file): string => substr(basename($file, '.sqlite'), 7), glob("$this->folder/*") ?: []);
        // 8 to 14 September; the Mondays since 17 August; the firsts of months since October; and the one somebody asked for.
        $expected = [
            '2025-03-03-101500',
            ...array_map(static fn (int $month): string => sprintf('2025-%02d-01', $month), range(10, 12)),
            ...array_map(static fn (int $month): string => sprintf('2026-%02d-01', $month), range(1, 9)),
            '2026-08-17', '2026-08-24', '2026-08-31', '2026-09-07', '2026-09-14',
            ...array_map(static fn (int $day): string => sprintf('2026-09-%02d', $day), range(8, 13)),
        ];
        sort($expected);
        sort($kept);
        self::assertSame($expected, $kept);
    }

    public function test_nothing_but_a_copy_can_be_named(): void
    {
        foreach (['..%2F..%2Fetc', 'garden', '2026-09-13.sqlite', '2026-02-31-999999'] as $name) {
            self::assertContains($this->postJson("/api/copies/$name/restore", ['lost' => 0])->status(), [404, 422], $name);
        }
    }

    /** As the next request finds it: nothing is remembered of the garden as it was. */
    private function refreshApplicationHere(): void
    {
        DB::purge();
        app()->forgetInstance(Clock::class);
        app()->forgetInstance(Settings::class);
    }

    private static function plain(string $text): string
    {
        return str_replace("\u{00A0}", ' ', $text);
    }
}
