<?php

declare(strict_types=1);

namespace App\Copies;

use Exception;
use SQLite3;

/** What stands in the place of the garden's file: a garden, something else, nothing, or ruins. */
enum GardenFile
{
    case Sound;
    /** A database without a garden in it. */
    case Other;
    case None;
    case Damaged;

    private const CORRUPT = 11;

    private const NO_DATABASE = 26;

    /** @throws CopyFailed when nobody can say: it cannot be read just now, for want of room or of leave */
    public static function in(string $file): self
    {
        clearstatcache(true, $file);
        if (! is_file($file) || filesize($file) === 0) {
            return self::None;
        }
        $database = null;
        try {
            $database = self::open($file);
            if ($database->querySingle('PRAGMA quick_check') !== 'ok') {
                return self::Damaged;
            }

            return (int) $database->querySingle("SELECT count(*) FROM sqlite_master WHERE type = 'table' AND name IN ('gardens', 'journal_entries', 'lots', 'varieties', 'migrations')") === 5 ? self::Sound : self::Other;
        } catch (Exception $e) {
            // Cut off, it says so by either code; asked of a page that is not there, the message alone tells.
            if (in_array((int) $database?->lastErrorCode(), [self::CORRUPT, self::NO_DATABASE], true) || preg_match('/malformed|not a database/', $e->getMessage()) === 1) {
                return self::Damaged;
            }
            throw new CopyFailed('The garden cannot be read just now: see whether there is room on the disk, and whether its file may be read and written. Nothing was changed.', previous: $e);
        } finally {
            $database?->close();
        }
    }

    /** @throws Exception as whatever goes wrong in it later */
    public static function open(string $file): SQLite3
    {
        $database = new SQLite3($file, SQLITE3_OPEN_READWRITE);
        $database->enableExceptions(true);
        $database->busyTimeout(config()->integer('database.connections.sqlite.busy_timeout'));

        return $database;
    }
}
