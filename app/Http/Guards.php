<?php

declare(strict_types=1);

namespace App\Http;

/**
 * What a browser may do with our pages: run our scripts and no others, load nothing from elsewhere, be framed by nobody.
 * Read without the framework too, by the router of PHP's own web server; deploy/nginx.conf says the same (a test compares).
 */
final class Guards
{
    public const HEADERS = [
        // The styles of the interface are made as it runs, so those alone may be inline.
        'Content-Security-Policy' => "default-src 'none'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; font-src 'self'; connect-src 'self'; manifest-src 'self'; worker-src 'self'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'",
        'X-Frame-Options' => 'DENY',
        'X-Content-Type-Options' => 'nosniff',
        'Referrer-Policy' => 'no-referrer',
        'Permissions-Policy' => 'camera=(self), geolocation=(self), microphone=(), payment=(), usb=()',
        'Cross-Origin-Opener-Policy' => 'same-origin',
        'Cross-Origin-Resource-Policy' => 'same-origin',
    ];
}
