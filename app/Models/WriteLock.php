<?php

declare(strict_types=1);

namespace App\Models;

use Closure;
use Illuminate\Support\Facades\DB;

/**
 * A transaction that takes SQLite's write lock before it reads anything, so that those who write at the same moment queue,
 * each seeing what the one before has written. SQLite would otherwise let two of them read first and then refuse the
 * second's write; and PDO cannot begin a transaction as IMMEDIATE before PHP 8.4.
 */
final class WriteLock
{
    /**
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     */
    public static function hold(Closure $work): mixed
    {
        return DB::transaction(static function () use ($work): mixed {
            DB::update('UPDATE gardens SET id = id WHERE 0');

            return $work();
        });
    }
}
