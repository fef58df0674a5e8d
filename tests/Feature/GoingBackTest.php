<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Copies\Copies;
use App\Copies\Copy;
use App\Copies\CopyFailed;
use App\Copies\GoingBack;
use App\Models\Marks;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PDO;
use Symfony\Component\Process\Process;
use Tests\Support\Keeper;
use Tests\Support\RealServer;
use Tests\TestCase;

/** Going back to a copy while others write: no confirmed entry is ever in no file. */
final class GoingBackTest extends TestCase
{
    private const TIMES = 50;

    private string $copies;

    protected function setUp(): void
    {
        parent::setUp();
        $this->copies = $this->database.'-copies';
        mkdir($this->copies);
        config(['marrow.copies' => $this->copies]);
        Artisan::call('marrow:garden', ['name' => 'Harbour Row']);
        Marks::set(Marks::COPIED_ON, '2026-09-14');
    }

    public function test_with_six_who_write_every_confirmed_entry_is_in_what_was_kept_or_in_the_garden(): void
    {
        $keeper = new Keeper($this);
        $lot = $keeper->idOf($keeper->storedTomato());
        $copy = app(Copies::class)->take("$this->copies/garden-2026-09-13.sqlite");
        DB::purge();
        $server = RealServer::on($this->database, ['MARROW_COPIES' => '']);
        $log = "$this->database-confirmed";
        touch($log);
        $writers = new Process([PHP_BINARY, 'tests/Support/writers.php', $server->url(''), $lot, $log], base_path(), timeout: null);
        try {
            $writers->start();
            $refused = 0;
            for ($time = 1; $time <= self::TIMES; $time++) {
                try {
                    // Every tenth by command, as another program would.
                    if ($time % 10 === 0) {
                        $said = Process::fromShellCommandline('exec '.PHP_BINARY." artisan marrow:restore $copy->file --yes", base_path(), ['DB_DATABASE' => $this->database, 'MARROW_COPIES' => $this->copies, 'MARROW_NOW' => '2026-09-14T10:00']);
                        $said->setTimeout(120);
                        $refused += $said->run() === 0 ? 0 : 1;
                    } else {
                        app(GoingBack::class)->to($copy);
                    }
                } catch (CopyFailed) {
                    $refused++;
                }
                usleep(20_000);
            }
            self::assertSame(0, $refused, 'others wait; none of it is refused');
        } finally {
            $confirmed = array_filter(explode("\n", (string) file_get_contents($log)));
            unlink($log);
            $writers->wait();
            $server->kill();
        }
        self::assertSame([], array_values(array_filter($confirmed, static fn (string $line): bool => $line[0] === '!')), 'nobody was told anything but to wait');
        self::assertGreaterThan(self::TIMES, count($confirmed));
        $held = [];
        foreach ([$this->database, ...glob("$this->copies/*.sqlite") ?: []] as $file) {
            $ids = (new PDO("sqlite:$file"))->query("SELECT id FROM journal_entries WHERE kind = 'noted'");
            self::assertNotFalse($ids);
            $held += array_flip($ids->fetchAll(PDO::FETCH_COLUMN));
            self::assertSame('Harbour Row', Copy::in($file)->garden);
        }
        self::assertSame([], array_values(array_diff($confirmed, array_keys($held))));
        self::assertCount(self::TIMES + 1, glob("$this->copies/*.sqlite") ?: [], 'what stood there is kept each time');
        self::assertSame([], [...glob("$this->copies/*.part*") ?: [], ...glob("$this->copies/*damaged*") ?: []]);
    }

    public function test_while_another_program_has_the_garden_open_it_is_left_as_it_is(): void
    {
        (new Keeper($this))->storedTomato();
        $copy = app(Copies::class)->take("$this->copies/garden-2026-09-13.sqlite");
        DB::purge();
        config(['database.connections.sqlite.busy_timeout' => 300]);
        $other = new PDO("sqlite:$this->database");
        $other->exec('BEGIN IMMEDIATE');
        $before = md5_file($this->database);
        try {
            app(GoingBack::class)->to($copy);
            self::fail('It was put in place under a hand that writes.');
        } catch (CopyFailed $failed) {
            self::assertStringContainsString('Another program has the garden open', $failed->getMessage());
        }
        self::assertSame($before, md5_file($this->database));
        self::assertSame([$copy->file], glob("$this->copies/*.sqlite*"));
    }
}
