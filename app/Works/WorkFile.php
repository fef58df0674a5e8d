<?php

declare(strict_types=1);

namespace App\Works;

use Illuminate\Support\Facades\DB;

/** The file beside the garden's in which stands what is being worked at. Laid out when it is first needed; nothing of the garden is in it. */
final class WorkFile
{
    /** Whether anything was ever asked for: else there is nothing to look for. */
    public static function isThere(): bool
    {
        return is_file(self::path());
    }

    public static function ready(): void
    {
        if (! self::isThere()) {
            $mask = umask(0o077);
            touch(self::path());
            umask($mask);
        }
        $work = DB::connection('work');
        if ($work->table('sqlite_master')->where('name', 'works')->exists()) {
            return;
        }
        $work->statement('CREATE TABLE IF NOT EXISTS jobs (
            id INTEGER PRIMARY KEY, queue TEXT NOT NULL, payload TEXT NOT NULL, attempts INTEGER NOT NULL,
            reserved_at INTEGER, available_at INTEGER NOT NULL, created_at INTEGER NOT NULL
        )');
        $work->statement('CREATE INDEX IF NOT EXISTS jobs_queue ON jobs (queue, reserved_at, available_at)');
        $work->statement('CREATE TABLE IF NOT EXISTS works (
            id TEXT PRIMARY KEY, kind TEXT NOT NULL, asked TEXT NOT NULL, state TEXT NOT NULL, share REAL NOT NULL DEFAULT 0,
            found TEXT, message TEXT NOT NULL DEFAULT \'\', begun_at INTEGER NOT NULL, seen_at INTEGER NOT NULL
        ) STRICT');
    }

    private static function path(): string
    {
        return config()->string('database.connections.work.database');
    }
}
