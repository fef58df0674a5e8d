<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Clock;
use App\Copies\Copies;
use App\Copies\CopyFailed;
use App\Models\Marks;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/** The first request of a day has a copy of the garden made, once it has been answered. */
final class CopiesDaily
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        return $next($request);
    }

    public function terminate(): void
    {
        // Made only now: what it stands on may be what cannot be read.
        try {
            $copies = app(Copies::class);
            if ($copies->folder() === '') {
                return;
            }
            $today = app(Clock::class)->now()->format('Y-m-d');
            if (Marks::get(Marks::COPIED_ON) === $today) {
                return;
            }
            // Before it is tried, so that one request tries it and not every one while it is being made.
            Marks::set(Marks::COPIED_ON, $today);
            try {
                $copies->daily();
                Marks::set(Marks::COPY_TROUBLE, '');
            } catch (CopyFailed $failed) {
                Marks::set(Marks::COPY_TROUBLE, $failed->getMessage());
            }
        } catch (Throwable) {
            // A garden that cannot be read or written says so by itself, to whoever asks it for something.
        }
    }
}
