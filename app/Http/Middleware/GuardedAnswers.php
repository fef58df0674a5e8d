<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Guards;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Every answer tells the browser what it may do with it. */
final class GuardedAnswers
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        foreach (Guards::HEADERS as $name => $value) {
            $response->headers->set($name, $value);
        }
        header_remove('X-Powered-By');
        $content = $response->getContent();
        // The browser need not wait for what is done after the answer.
        if (is_string($content) && ! $response->headers->has('Content-Length') && ! $response->isEmpty()) {
            $response->headers->set('Content-Length', (string) strlen($content));
        }

        return $response;
    }
}
