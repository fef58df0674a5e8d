<?php

declare(strict_types=1);

namespace App\Works;

use App\Models\Backlog;
use App\Models\WriteLock;
use Illuminate\Foundation\Application;
use Illuminate\Queue\Worker as QueueWorker;
use Illuminate\Queue\WorkerOptions;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Facade;
use Throwable;

/**
 * Does what is left to do: what the lists are behind with, then what was asked for and takes long. One program does so by
 * itself (marrow:work); where none runs, each answer does one slice once it was sent.
 */
final class Worker
{
    /** Things of the backlog that are reckoned before others have their turn. */
    private const A_SLICE = 40;

    /** µs between two looks when there is nothing to do. */
    private const LOOK = 200_000;

    /** s after which it looks even if no file was written. */
    private const AT_LEAST = 30.0;

    /** s between two rounds of what has to be done again and again. */
    private const CHORES = 60.0;

    /** @var resource|null held for as long as this is the worker */
    private mixed $place = null;

    private bool $goesOn = true;

    private readonly Written $written;

    public function __construct(private readonly Application $app, private readonly QueueWorker $queue)
    {
        $this->written = new Written(self::AT_LEAST);
    }

    /** Whether some program works by itself. */
    public static function isThere(): bool
    {
        $place = @fopen(self::file(), 'r');
        if ($place === false) {
            return false;
        }
        $isFree = flock($place, LOCK_SH | LOCK_NB);
        fclose($place);

        return ! $isFree;
    }

    /** One slice of whatever is first. */
    public function slice(): bool
    {
        if (! Backlog::isEmpty()) {
            // Settings and figures are read when nobody else can change them any more: what waits may be there because they did.
            return WriteLock::hold(function (): bool {
                $this->app->forgetScopedInstances();

                return $this->app->make(Slices::class)->workOff(self::A_SLICE);
            });
        }
        if (! WorkFile::isThere() || DB::connection('work')->table('jobs')->whereNull('reserved_at')->doesntExist()) {
            return false;
        }
        // However often it was begun by one that was killed.
        $this->queue->runNextJob('work', 'default', new WorkerOptions(sleep: 0, maxTries: 0));

        return true;
    }

    /**
     * Until it is told to end, or the program was brought up to date: whoever started it starts the new one.
     *
     * @return bool false where another is at work
     */
    public function run(): bool
    {
        $mask = umask(0o077);
        $place = @fopen(self::file(), 'c');
        umask($mask);
        if ($place === false || ! flock($place, LOCK_EX | LOCK_NB)) {
            return false;
        }
        $this->place = $place;
        foreach ([SIGTERM, SIGINT] as $signal) {
            pcntl_signal($signal, function (): void {
                $this->goesOn = false;
            });
        }
        pcntl_async_signals(true);
        WorkFile::ready();
        // What one had begun that was killed is begun anew.
        DB::connection('work')->table('jobs')->update(['reserved_at' => null]);
        $program = self::program();
        $chores = 0.0;
        while ($this->goesOn && self::program() === $program) {
            if (microtime(true) - $chores > self::CHORES) {
                $chores = microtime(true);
                $this->chores();
            }
            if ($this->nothingNew()) {
                usleep(self::LOOK);

                continue;
            }
            try {
                while ($this->goesOn && $this->slice()) {
                    $this->refresh();
                    usleep(10_000);
                }
            } catch (Throwable $e) {
                // A garden that cannot be read or written just now says so to whoever asks it for something.
                report($e);
                sleep(3);
            }
            $this->refresh();
        }
        flock($this->place, LOCK_UN);

        return true;
    }

    private function chores(): void
    {
        try {
            $this->app->make(Chores::class)->due();
        } catch (Throwable $e) {
            report($e);
        }
        $this->refresh();
    }

    /** Nothing is remembered from one thing to the next, and nothing kept open that others may want. */
    private function refresh(): void
    {
        $this->app->forgetScopedInstances();
        Facade::clearResolvedInstances();
        DB::purge('work');
        DB::purge();
    }

    /** Nothing was written since it looked last: no file need be opened to know so. */
    private function nothingNew(): bool
    {
        [$garden, $work] = [config()->string('database.connections.sqlite.database'), config()->string('database.connections.work.database')];

        return ! $this->written->since([$garden, "$garden-wal", $work, "$work-wal"], microtime(true));
    }

    /** What changes when the program is brought up to date. */
    private static function program(): string
    {
        clearstatcache();

        return @filemtime(base_path('vendor/autoload.php')).' '.@filemtime(storage_path('framework/updated'));
    }

    private static function file(): string
    {
        return config()->string('database.connections.sqlite.database').'-worker';
    }
}
