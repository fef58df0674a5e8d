<?php

declare(strict_types=1);

namespace App\Demo;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/**
 * The demo garden in a file beside the keeper's own, to be looked at and tried in: nothing that is done there is done to the
 * keeper's own.
 */
final class Beside
{
    /** The moment for which it is laid out; there it is always that. */
    public const NOW = '2026-09-14T10:00';

    /** @param  string  $garden  the file of the keeper's own */
    public static function file(string $garden): string
    {
        return preg_replace('/\.sqlite$/', '', $garden).'-demo.sqlite';
    }

    public static function isLaid(): bool
    {
        return is_file(self::file(config()->string('database.connections.sqlite.database')));
    }

    /** Whoever asks it of this process from now on asks the demo garden. */
    public static function enter(): void
    {
        AnotherGarden::use(self::file(config()->string('database.connections.sqlite.database')), self::NOW);
        // What is tried is not copied.
        config(['marrow.copies' => '']);
    }

    /** Laid out where it is not there yet; of an older form it is brought up to this one. */
    public static function lay(): void
    {
        [$garden, $now] = [config()->string('database.connections.sqlite.database'), config('marrow.now')];
        $file = self::file($garden);
        $lock = fopen("$file-laying", 'c');
        if ($lock !== false) {
            flock($lock, LOCK_EX);
        }
        try {
            if (is_file($file)) {
                AnotherGarden::use($file, self::NOW);
                Artisan::call('migrate', ['--force' => true]);
            } else {
                AnotherGarden::use("$file-new", self::NOW);
                @unlink("$file-new");
                AnotherGarden::layDemo();
                // It is one file before it is moved.
                DB::statement('PRAGMA wal_checkpoint(TRUNCATE)');
                DB::purge('sqlite');
                rename("$file-new", $file);
            }
        } finally {
            AnotherGarden::use($garden, is_string($now) ? $now : null);
            if ($lock !== false) {
                fclose($lock);
            }
        }
    }
}
