<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/**
 * While there is no signing in, whoever can reach this address can write here, and a page of any web site can make a
 * browser send things to it. Three things keep such pages out, each by itself: what is sent is JSON by its exact name,
 * which a browser sends to a stranger only when the stranger allows it, and we never do; the browser says by itself that
 * the page is another's (Sec-Fetch-Site), or names it (Origin). A program that is no browser says neither.
 */
final class OwnPagesOnly
{
    private const JSON = '~^application/json\s*(;|$)~i';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->is('api', 'api/*')) {
            self::check($request);
        }

        return $next($request);
    }

    private static function check(Request $request): void
    {
        // A form of another page cannot send PUT; one that says it means PUT is no more welcome.
        if ($request->getRealMethod() !== $request->getMethod() || $request->query->has('_method')) {
            throw new HttpException(405, 'A request does what its method says, and nothing else.');
        }
        if (! in_array($request->headers->get('Sec-Fetch-Site', 'none'), ['same-origin', 'none'], true)) {
            throw new HttpException(403, 'Another web site asked for this. Open Marrow itself.');
        }
        $origin = $request->headers->get('Origin');
        if ($origin !== null && strcasecmp($origin, $request->getSchemeAndHttpHost()) !== 0) {
            throw new HttpException(403, 'Another web site asked for this. Open Marrow itself.');
        }
        if (! $request->isMethodSafe() && preg_match(self::JSON, (string) $request->headers->get('Content-Type')) !== 1) {
            throw new HttpException(415, 'Only JSON can be sent here.');
        }
    }
}
