<?php

declare(strict_types=1);

namespace App\Simulation\Year;

use Closure;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/** The demo garden in a file of its own that is gone afterwards: whoever plays in it touches nobody's seed. */
final class ScratchGarden
{
    /**
     * @template T
     *
     * @param  string  $on  moment (Y-m-d\TH:i) on which it is laid out
     * @param  Closure(): T  $do
     * @return T
     */
    public static function with(string $on, Closure $do): mixed
    {
        $folder = sys_get_temp_dir().'/marrow-year-'.bin2hex(random_bytes(6));
        mkdir($folder) || throw new RuntimeException("$folder cannot be made.");
        $now = config('marrow.now');
        $was = config('database.connections.sqlite.database');
        try {
            config(['marrow.now' => $on]);
            self::use("$folder/garden.sqlite");
            touch("$folder/garden.sqlite");
            Artisan::call('migrate', ['--force' => true]) === 0 || throw new RuntimeException(Artisan::output());
            Artisan::call('marrow:demo') === 0 || throw new RuntimeException(Artisan::output());

            return $do();
        } finally {
            config(['marrow.now' => $now]);
            self::use(is_string($was) ? $was : '');
            array_map(unlink(...), glob("$folder/*") ?: []);
            rmdir($folder);
        }
    }

    private static function use(string $database): void
    {
        config(['database.connections.sqlite.database' => $database, 'database.connections.work.database' => "$database-work"]);
        DB::purge('sqlite');
        DB::purge('work');
        app()->forgetScopedInstances();
    }
}
