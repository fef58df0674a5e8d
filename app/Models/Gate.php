<?php

declare(strict_types=1);

namespace App\Models;

use Closure;
use PDO;
use WeakMap;

/**
 * Whoever has the garden's file open is inside; going back to a copy wants everybody outside, and lets nobody in until it
 * is done. What was confirmed is then either in what stood there, which is kept, or was recorded in what stands there after.
 *
 * Two files beside the garden's, held by flock, so that nothing is left held by a program that was killed. One comes in
 * through the door, which takes no time; whoever shuts it waits only for those who are inside already.
 */
final class Gate
{
    /** µs between two looks. */
    private const LOOK = 2_000;

    /** s that one waits at the door: longer than going back takes in a large garden. */
    private const PATIENCE = 20.0;

    /** @var ?WeakMap<PDO, resource> while a connection lives its program is inside */
    private static ?WeakMap $inside = null;

    /** While this program itself holds the gate shut, it alone goes in and out. */
    private static bool $isMine = false;

    /**
     * @return resource|null what is inside as long as it is open; null where there can be no such file
     *
     * @throws GateShut
     */
    public static function enter(string $garden): mixed
    {
        if (self::$isMine || ! is_file($garden)) {
            return null;
        }
        $door = self::open("$garden-door");
        $inside = self::open("$garden-inside");
        if ($door === null || $inside === null) {
            return null;
        }
        self::take($door, LOCK_SH, self::PATIENCE);
        self::take($inside, LOCK_SH, self::PATIENCE);
        fclose($door);

        return $inside;
    }

    /** @param  resource|null  $held  as from enter() */
    public static function stayWith(PDO $connection, mixed $held): PDO
    {
        if ($held !== null) {
            self::$inside ??= new WeakMap;
            self::$inside[$connection] = $held;
        }

        return $connection;
    }

    /**
     * With nobody inside: whoever calls has left by closing its own connections.
     *
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     *
     * @throws GateShut when somebody stays inside
     */
    public static function shut(string $garden, Closure $work): mixed
    {
        $door = self::open("$garden-door");
        $inside = self::open("$garden-inside");
        try {
            $door === null || self::take($door, LOCK_EX, self::PATIENCE);
            $inside === null || self::take($inside, LOCK_EX, self::PATIENCE);

            return $work();
        } finally {
            $inside === null || fclose($inside);
            $door === null || fclose($door);
        }
    }

    /**
     * What is done in the garden by whoever holds the gate shut.
     *
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     */
    public static function within(Closure $work): mixed
    {
        self::$isMine = true;
        try {
            return $work();
        } finally {
            self::$isMine = false;
        }
    }

    /** @return resource|null */
    private static function open(string $file): mixed
    {
        $mask = umask(0o077);
        $opened = @fopen($file, 'c');
        umask($mask);

        return $opened === false ? null : $opened;
    }

    /**
     * @param  resource  $file
     * @param  LOCK_SH|LOCK_EX  $how
     *
     * @throws GateShut
     */
    private static function take(mixed $file, int $how, float $patience): void
    {
        $until = microtime(true) + $patience;
        while (! flock($file, $how | LOCK_NB)) {
            if (microtime(true) > $until) {
                throw new GateShut($how);
            }
            usleep(self::LOOK);
        }
    }
}
