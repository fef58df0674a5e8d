<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Works\Worker;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/** Where no worker runs, each answer does one slice of what is left to do, once it was sent. */
final class WorksOn
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        return $next($request);
    }

    public function terminate(): void
    {
        try {
            if (! Worker::isThere()) {
                // Nobody waits for it any more; a search may take longer than an answer may.
                set_time_limit(0);
                app(Worker::class)->slice();
            }
        } catch (Throwable $e) {
            // It stays to be done: whoever comes next tries again.
            report($e);
        }
    }
}
