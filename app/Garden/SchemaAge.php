<?php

declare(strict_types=1);

namespace App\Garden;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Whether this program knows every change that was made to the form of the garden's database. */
final class SchemaAge
{
    public const NEWER = 'This garden was last opened by a newer Marrow than this one, and only that one, or one newer still, can read all of it. Nothing was changed.';

    public static function isNewer(): bool
    {
        if (! Schema::hasTable('migrations')) {
            return false;
        }

        return self::holdsUnknown(array_values(array_filter(DB::table('migrations')->pluck('migration')->all(), is_string(...))));
    }

    /** @param  list<string>  $migrations  those that a garden has gone through */
    public static function holdsUnknown(array $migrations): bool
    {
        $known = array_map(static fn (string $file): string => basename($file, '.php'), glob(database_path('migrations/*.php')) ?: []);

        return array_diff($migrations, $known) !== [];
    }
}
