<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Garden\Settings;
use App\Voice\Speaking;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Every answer says days, hours and quantities in the keeper's own form. */
final readonly class SpeaksAsSet
{
    public function __construct(private Settings $settings) {}

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        Speaking::as($this->settings->forms());

        return $next($request);
    }
}
