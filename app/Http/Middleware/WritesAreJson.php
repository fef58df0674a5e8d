<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * A web page elsewhere can make a browser post a form to this machine, but not JSON without asking first, and we never
 * say yes. So while there is no signing in, this keeps other pages' hands off the journal.
 */
final class WritesAreJson
{
    public function handle(Request $request, Closure $next): Response
    {
        if (! $request->isMethodSafe() && ! $request->isJson()) {
            return new JsonResponse(['message' => 'Only JSON can be sent here.'], 415);
        }
        $response = $next($request);
        assert($response instanceof Response);

        return $response;
    }
}
