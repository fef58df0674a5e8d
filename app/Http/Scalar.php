<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;

/** Single texts out of an address: a list where a text is wanted is nothing. */
final class Scalar
{
    public static function text(Request $request, string $key): string
    {
        $given = $request->input($key);

        return is_scalar($given) ? trim((string) $given) : '';
    }

    /** The leaf of a list that is asked for: the first, where anything else was sent. */
    public static function page(Request $request): int
    {
        $given = self::text($request, 'page');

        return preg_match('/^[1-9]\d{0,5}$/', $given) === 1 ? (int) $given : 1;
    }
}
