<?php

declare(strict_types=1);

namespace App\Models;

use Closure;
use Illuminate\Support\Facades\DB;

/**
 * A transaction that takes SQLite's write lock before it reads anything, so that those who write at the same moment queue,
 * each seeing what the one before has written. SQLite would otherwise let two of them read first and then refuse the
 * second's write; and PDO cannot begin a transaction as IMMEDIATE before PHP 8.4.
 *
 * SQLite's own waiting looks every tenth of a second whether it is its turn, and who writes slice after slice is always there
 * first. So those who wait do so for a file beside the garden's, and look often; long work pauses between its slices.
 */
final class WriteLock
{
    /** µs between two looks. */
    private const LOOK = 2_000;

    /** µs that long work leaves to others between two slices: several looks. */
    private const PAUSE = 10_000;

    /** s; then SQLite's own waiting decides, and says that somebody else is writing. */
    private const PATIENCE = 10.0;

    private static bool $isHeld = false;

    /**
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     */
    public static function hold(Closure $work): mixed
    {
        if (self::$isHeld) {
            return self::transaction($work);
        }
        $turn = self::turn();
        self::$isHeld = true;
        try {
            return self::transaction($work);
        } finally {
            self::$isHeld = false;
            $turn === null || fclose($turn);
        }
    }

    /** Between two slices of long work others have their turn. */
    public static function pause(): void
    {
        usleep(self::PAUSE);
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     */
    private static function transaction(Closure $work): mixed
    {
        return DB::transaction(static function () use ($work): mixed {
            DB::update('UPDATE gardens SET id = id WHERE 0');

            return $work();
        });
    }

    /** @return resource|null what is closed when the turn is over; null where there can be no such file */
    private static function turn(): mixed
    {
        $garden = DB::connection()->getDatabaseName();
        $mask = umask(0o077);
        $turn = is_file($garden) ? @fopen("$garden-turn", 'c') : false;
        umask($mask);
        if ($turn === false) {
            return null;
        }
        $until = microtime(true) + self::PATIENCE;
        while (! flock($turn, LOCK_EX | LOCK_NB) && microtime(true) < $until) {
            usleep(self::LOOK);
        }

        return $turn;
    }
}
