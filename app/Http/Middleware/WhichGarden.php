<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Demo\Beside;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Who looks at the demo garden says so with each request; all that is asked and written then is of that one. */
final class WhichGarden
{
    public const HEADER = 'X-Garden';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->header(self::HEADER) === 'demo') {
            Beside::isLaid() || throw new NotFoundHttpException('The demo garden is not laid out here any more. Go back to your own.');
            Beside::enter();
        }

        return $next($request);
    }
}
