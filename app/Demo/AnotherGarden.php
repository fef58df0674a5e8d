<?php

declare(strict_types=1);

namespace App\Demo;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/** Another file than the keeper's own garden, for as long as this process goes on or until it is changed back. */
final class AnotherGarden
{
    /** @param  ?string  $now  the moment it always is there (Y-m-d\TH:i); null for the real time */
    public static function use(string $file, ?string $now): void
    {
        config(['database.connections.sqlite.database' => $file, 'database.connections.work.database' => "$file-work", 'marrow.now' => $now]);
        DB::purge('sqlite');
        DB::purge('work');
        app()->forgetScopedInstances();
    }

    /** Lays out the demo garden in the file that is used, which is made. */
    public static function layDemo(): void
    {
        touch(config()->string('database.connections.sqlite.database'));
        foreach (['migrate' => ['--force' => true], 'marrow:demo' => []] as $command => $with) {
            Artisan::call($command, $with) === 0 || throw new RuntimeException(Artisan::output());
        }
    }
}
