<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use JsonException;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/**
 * What cannot be text or a number is turned away before anything reads it: bytes that are no UTF-8, NUL, numbers beyond
 * all bounds, nesting without end, and more than anybody would send at once.
 */
final class WellFormed
{
    private const MOST_BYTES = 1_048_576;

    /** Bytes; a list of everything in a large cupboard. */
    private const MOST_OF_A_LIST = 4_194_304;

    private const DEEPEST = 24;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $address = rawurldecode(str_replace('+', ' ', $request->getRequestUri()));
        if (! mb_check_encoding($address, 'UTF-8') || str_contains($address, "\0")) {
            throw new HttpException(400, 'This address holds something that is no text.');
        }
        if ($request->is('api/*') && ! $request->isMethodSafe()) {
            self::body($request->getContent(), $request->is('api/intakes') ? self::MOST_OF_A_LIST : self::MOST_BYTES);
        }

        return $next($request);
    }

    private static function body(string $body, int $most): void
    {
        if (strlen($body) > $most) {
            throw new HttpException(413, sprintf('That is more than can be sent at once: at most %d MB.', intdiv($most, 1_048_576)));
        }
        try {
            $sent = $body === '' ? [] : json_decode($body, true, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            throw new HttpException(400, 'This is no JSON that can be read.');
        }
        if (! is_array($sent)) {
            throw new HttpException(400, 'This is no JSON that can be read.');
        }
        array_walk_recursive($sent, static function (mixed $value): void {
            if ((is_float($value) && ! is_finite($value)) || (is_string($value) && str_contains($value, "\0"))) {
                throw new HttpException(400, 'This holds something that is neither a text nor a number.');
            }
        });
    }
}
