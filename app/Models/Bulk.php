<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Facades\DB;

/** Many rows at once. */
final class Bulk
{
    /** In one statement, whose parameters are bounded. */
    private const ROWS = 500;

    /** @param  list<array<string, mixed>>  $rows  all with the same columns */
    public static function insert(string $table, array $rows): void
    {
        foreach (array_chunk($rows, self::ROWS) as $some) {
            DB::table($table)->insert($some);
        }
    }
}
