<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** Many rows at once. */
final class Bulk
{
    /** In one statement, whose parameters are bounded. */
    private const ROWS = 500;

    /**
     * "?,?,?" for as many values as are bound in an IN (…); SQLite takes an empty one, too.
     *
     * @param  array<array-key, mixed>  $values
     */
    public static function marks(array $values): string
    {
        return implode(',', array_fill(0, count($values), '?'));
    }

    /**
     * @param  Collection<array-key, mixed>  $ids
     * @return list<string> each once, what is none left out
     */
    public static function ids(Collection $ids): array
    {
        return array_values(array_unique(array_filter($ids->all(), is_string(...))));
    }

    /** @param  list<array<string, mixed>>  $rows  all with the same columns */
    public static function insert(string $table, array $rows): void
    {
        foreach (array_chunk($rows, self::ROWS) as $some) {
            DB::table($table)->insert($some);
        }
    }
}
