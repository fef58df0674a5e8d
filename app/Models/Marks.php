<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Facades\DB;
use PDO;
use PDOException;

/** Small notes of the program's own in the garden's file. */
final class Marks
{
    /** What the lists of the garden were reckoned with. */
    public const RECKONED_WITH = 'reckoned_with';

    /** The day of the last daily copy, or of the last try. */
    public const COPIED_ON = 'copied_on';

    /** Why the last daily copy did not work; empty when it did. */
    public const COPY_TROUBLE = 'copy_trouble';

    /** The day on which old readings of instruments were thinned last. */
    public const THINNED = 'thinned_on';

    /** The day on which plantings were last reckoned by the warmth of the year. */
    public const WARMED = 'warmed_on';

    /** By which the garden is told from others, wherever its file lies: on its tags. */
    public const GARDEN = 'garden';

    /** Before what somebody who was forgotten is known by. */
    public const FORGOTTEN = 'forgotten ';

    /**
     * Somebody who was forgotten, known again should a copy bring the name back: by a digest, since the name is to be gone.
     */
    public static function ofForgotten(string $name): string
    {
        return self::FORGOTTEN.hash_hmac('sha256', mb_strtolower(trim($name)), 'marrow');
    }

    /** @return array<string, string> marks of those who were forgotten in the garden of a file, with their days; none where it cannot be read */
    public static function forgottenIn(string $file): array
    {
        try {
            $pdo = new PDO("sqlite:$file", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::SQLITE_ATTR_OPEN_FLAGS => PDO::SQLITE_OPEN_READONLY]);
            $found = $pdo->query("SELECT key, value FROM marks WHERE key LIKE '".self::FORGOTTEN."%'");

            return $found === false ? [] : array_filter($found->fetchAll(PDO::FETCH_KEY_PAIR), is_string(...));
        } catch (PDOException) {
            return [];
        }
    }

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
