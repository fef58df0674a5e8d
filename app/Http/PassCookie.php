<?php

declare(strict_types=1);

namespace App\Http;

use App\Keeping\Passes;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Cookie;

/** The cookie by which a browser that has signed in is known: no script reads it, and no other site's page sends it. */
final class PassCookie
{
    /** s; browsers keep one no longer than 400 days. */
    private const LASTS = 180 * 86_400;

    public static function name(): string
    {
        return Passes::name();
    }

    public static function of(string $word, Request $request): Cookie
    {
        return Cookie::create(self::name(), $word, time() + self::LASTS, '/', null, $request->isSecure(), true, false, Cookie::SAMESITE_STRICT);
    }

    public static function gone(Request $request): Cookie
    {
        return Cookie::create(self::name(), '', 1, '/', null, $request->isSecure(), true, false, Cookie::SAMESITE_STRICT);
    }
}
