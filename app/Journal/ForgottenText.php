<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\Marks;

/** What was sent before somebody was forgotten, and stands with "somebody" since, is the same when it is sent again. */
final class ForgottenText
{
    public const SOMEBODY = 'somebody';

    /**
     * @param  array<string, mixed>  $kept
     * @param  array<string, mixed>  $sent
     */
    public static function isSame(array $kept, array $sent): bool
    {
        if ($kept == $sent) {
            return true;
        }
        foreach ($kept as $key => $value) {
            $other = $sent[$key] ?? null;
            if ($value != $other && ! (is_string($value) && is_string($other) && self::isForgotten($value, $other))) {
                return false;
            }
        }

        return array_diff_key($sent, $kept) === [];
    }

    private static function isForgotten(string $kept, string $sent): bool
    {
        if (! str_contains($kept, self::SOMEBODY)) {
            return false;
        }
        $pattern = '/^'.implode('(.+?)', array_map(static fn (string $part): string => preg_quote($part, '/'), explode(self::SOMEBODY, $kept))).'$/us';
        if (preg_match($pattern, $sent, $names) !== 1) {
            return false;
        }
        foreach (array_slice($names, 1) as $name) {
            if ($name !== self::SOMEBODY && Marks::get(Marks::ofForgotten($name)) === '') {
                return false;
            }
        }

        return true;
    }
}
