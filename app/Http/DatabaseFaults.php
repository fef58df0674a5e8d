<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Database\SQLiteDatabaseDoesNotExistException;
use Illuminate\Http\JsonResponse;
use PDOException;
use Throwable;

/**
 * What is wrong with the garden's file, said to a gardener with what to do about it. Nothing of what was sent was kept, and
 * whoever sent it keeps it and sends it again. By SQLite's result codes, https://sqlite.org/rescode.html.
 */
final class DatabaseFaults
{
    private const BUSY = [5, 6];

    private const FULL = 13;

    private const READ_ONLY = 8;

    private const CANNOT_OPEN = [14, 10];

    private const DAMAGED = [11, 26];

    /** Seconds after which the same may be tried again. */
    private const AGAIN = 3;

    public static function answer(Throwable $e): ?JsonResponse
    {
        $said = self::said($e);

        return $said === null ? null : new JsonResponse(['message' => $said[1]], $said[0], ['Retry-After' => (string) self::AGAIN]);
    }

    private static function isGone(Throwable $e): bool
    {
        if ($e instanceof SQLiteDatabaseDoesNotExistException || $e->getPrevious() instanceof SQLiteDatabaseDoesNotExistException) {
            return true;
        }
        clearstatcache(true);

        return $e instanceof PDOException && ! is_file(config()->string('database.connections.sqlite.database'));
    }

    /** @return ?array{int, string} status and words; null when it is no fault of the file */
    private static function said(Throwable $e): ?array
    {
        if (self::isGone($e)) {
            return [503, "The garden's file is gone from its place. If it was moved, put it back; else go back to a copy of it. Nothing was changed."];
        }
        if (! $e instanceof PDOException) {
            return null;
        }
        $code = $e->errorInfo[1] ?? null;
        $code = is_int($code) ? $code & 0xFF : -1;
        $message = $e->getMessage();

        return match (true) {
            in_array($code, self::BUSY, true) => [503, 'Another program is writing to the garden just now. Nothing is lost: it is tried again.'],
            $code === self::FULL || str_contains($message, 'disk is full') => [507, 'The disk is full, so nothing can be kept. Make room on it; what you typed stays here and is sent again.'],
            $code === self::READ_ONLY => [503, "The garden's file may only be read, so nothing can be kept. Let Marrow write to it and to its folder again."],
            in_array($code, self::CANNOT_OPEN, true) => [503, "The garden's file cannot be opened. See whether its folder is there and may be read and written."],
            in_array($code, self::DAMAGED, true) || preg_match('/malformed|is not a database/', $message) === 1 => [503, "The garden's file is damaged. Do not write to it any more: go back to a copy of it."],
            str_contains($message, 'no such table') => [503, "There is no garden in the garden's file. Was it emptied, or is it another one? Open Marrow once with bin/start, or go back to a copy."],
            default => null,
        };
    }
}
