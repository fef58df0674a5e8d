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
}
