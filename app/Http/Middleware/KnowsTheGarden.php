<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Garden\SchemaAge;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** A garden of another program's form, newer or older, is not read by halves. */
final class KnowsTheGarden
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $trouble = SchemaAge::trouble();

        return $trouble === null ? $next($request) : throw new HttpException(503, $trouble);
    }
}
