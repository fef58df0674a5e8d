<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Copies\Copies;
use App\Copies\Copy;
use App\Models\Marks;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PDO;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Process\Process;
use Tests\Support\Keeper;
use Tests\Support\RandomEntries;
use Tests\TestCase;

/** Commands that change the whole garden, killed at some moment: it is as it was or as it should be, and the next try goes through. */
final class KilledTest extends TestCase
{
    public function test_going_back_killed_at_any_moment_leaves_a_whole_garden_and_loses_no_entry(): void
    {
        $copies = $this->database.'-copies';
        mkdir($copies);
        config(['marrow.copies' => $copies]);
        Artisan::call('marrow:garden', ['name' => 'Harbour Row']);
        Marks::set(Marks::COPIED_ON, '2026-09-14');
        $keeper = new Keeper($this);
        $lot = $keeper->storedTomato();
        $copy = app(Copies::class)->take("$copies/garden-2026-09-13.sqlite");
        $later = $keeper->records($lot, 'noted', '2026-09-13', ['text' => 'Written after the copy']);
        DB::purge();
        $this->kill('marrow:restore', $copy->file, '--yes');

        self::assertContains($later, [...$this->notes($this->database), ...array_merge(...array_map($this->notes(...), glob("$copies/*.sqlite") ?: []))]);
        self::assertSame('Harbour Row', Copy::in($this->database)->garden);
        self::assertSame(0, $this->program('marrow:restore', $copy->file, '--yes')->run(), 'the next try goes through');
        self::assertSame([], $this->notes($this->database));
        self::assertContains($later, array_merge(...array_map($this->notes(...), glob("$copies/*.sqlite") ?: [])));
        self::assertSame([], [...glob("$copies/*.part*") ?: [], ...glob("$copies/*damaged*") ?: []]);
        DB::purge();
        $this->getJson("/api/lots/$lot")->assertOk();
    }

    #[TestWith(['garden-2026-11'])]
    #[TestWith(['garden-2026-12-05'])]
    public function test_an_update_killed_at_any_moment_leaves_a_garden_that_is_brought_up_to_date(string $garden): void
    {
        DB::purge();
        array_map(unlink(...), glob("$this->database*") ?: []);
        $old = new PDO("sqlite:$this->database");
        $old->exec((string) file_get_contents(base_path("tests/fixtures/$garden.sql")));
        $entries = $old->query('SELECT count(*) FROM journal_entries')->fetchColumn();
        unset($old);
        $this->kill('marrow:ready');
        self::assertSame(0, $this->program('marrow:ready')->run(), 'the next try goes through');
        self::assertSame('ok', DB::selectOne('PRAGMA integrity_check')->integrity_check);
        self::assertSame((int) $entries, DB::table('journal_entries')->count());
        $was = RandomEntries::lists();
        Artisan::call('marrow:rebuild');
        self::assertEquals($was, RandomEntries::lists());
    }

    /** Begins a command, and ends it at some moment as the power would. */
    private function kill(string ...$command): void
    {
        $begun = $this->program(...$command);
        $begun->start();
        usleep(random_int(100_000, 900_000));
        $begun->isRunning() && $begun->signal(SIGKILL);
        $begun->wait();
    }

    private function program(string ...$command): Process
    {
        return new Process([PHP_BINARY, 'artisan', ...$command], base_path(), ['DB_DATABASE' => $this->database, 'MARROW_COPIES' => $this->database.'-copies', 'MARROW_NOW' => '2026-09-14T10:00'], timeout: 120);
    }

    /** @return list<string> ids of the notes in a garden's file */
    private function notes(string $file): array
    {
        $ids = (new PDO("sqlite:$file"))->query("SELECT id FROM journal_entries WHERE kind = 'noted'");
        self::assertNotFalse($ids);

        return array_map(strval(...), $ids->fetchAll(PDO::FETCH_COLUMN));
    }
}
