<?php

declare(strict_types=1);

namespace App\Garden;

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;

/** Whether this program and the garden's database know the same changes of its form. */
final class SchemaAge
{
    public const NEWER = 'This garden was last opened by a newer Marrow than this one, and only that one, or one newer still, can read all of it. Nothing was changed.';

    public const OLDER = 'Marrow was brought up to date and this garden not yet: run bin/update, or bin/start. Nothing is lost; it goes on by itself then.';

    public static function isNewer(): bool
    {
        return self::holdsUnknown(self::gone());
    }

    /** @return ?string why the garden cannot be read as it is; null when it can */
    public static function trouble(): ?string
    {
        $gone = self::gone();

        return match (true) {
            $gone === [] => null,
            self::holdsUnknown($gone) => self::NEWER,
            array_diff(self::known(), $gone) !== [] => self::OLDER,
            default => null,
        };
    }

    /** @param  list<string>  $migrations  those that a garden has gone through */
    public static function holdsUnknown(array $migrations): bool
    {
        return array_diff($migrations, self::known()) !== [];
    }

    /** @return list<string> what the garden has gone through; empty where there is none */
    private static function gone(): array
    {
        try {
            return array_values(array_filter(array_column(DB::select('SELECT migration FROM migrations'), 'migration'), is_string(...)));
        } catch (QueryException $e) {
            // A file in which nothing has been laid out yet has gone through nothing.
            return str_contains($e->getMessage(), 'no such table') ? [] : throw $e;
        }
    }

    /** @return list<string> */
    private static function known(): array
    {
        return array_map(static fn (string $file): string => basename($file, '.php'), glob(database_path('migrations/*.php')) ?: []);
    }
}
