<?php

declare(strict_types=1);

namespace App\Garden;

use Illuminate\Support\Facades\DB;

/** Small notes of the program's own in the garden's file. */
final class Marks
{
    /** What the lists of the garden were reckoned with. */
    public const RECKONED_WITH = 'reckoned_with';

    /** The day of the last daily copy, or of the last try. */
    public const COPIED_ON = 'copied_on';

    /** Why the last daily copy did not work; empty when it did. */
    public const COPY_TROUBLE = 'copy_trouble';

    /** By which the garden is told from others, wherever its file lies: on its tags. */
    public const GARDEN = 'garden';

    public static function get(string $key): string
    {
        $value = DB::table('marks')->where('key', $key)->value('value');

        return is_string($value) ? $value : '';
    }

    public static function set(string $key, string $value): void
    {
        DB::table('marks')->updateOrInsert(['key' => $key], ['value' => $value]);
    }
}
