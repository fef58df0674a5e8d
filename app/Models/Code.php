<?php

declare(strict_types=1);

namespace App\Models;

/** Codes of lots and plantings as they are read off a tag or typed: "L7", "l 7" or "7". */
final class Code
{
    /** @param  string  $letter  L for lots, P for plantings */
    public static function number(string $code, string $letter): ?int
    {
        return preg_match('/^'.$letter.'?\s*(\d{1,9})$/i', trim($code), $found) === 1 ? (int) $found[1] : null;
    }
}
