<?php

use App\Http\Middleware\CopiesDaily;
use App\Http\Middleware\GuardedAnswers;
use App\Http\Middleware\KnowsTheGarden;
use App\Http\Middleware\OwnPagesOnly;
use App\Http\Middleware\SignsIn;
use App\Http\Middleware\SpeaksAsSet;
use App\Http\Middleware\WellFormed;
use App\Http\Middleware\WhichGarden;
use App\Http\Middleware\WorksOn;
use App\Http\Refusals;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Routing\Middleware\SubstituteBindings;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        api: __DIR__.'/../routes/api.php',
        commands: __DIR__.'/../routes/console.php',
    )
    ->withMiddleware(function (Middleware $middleware): void {
        // Same-origin, so no CORS; and the package behind it is one the registry lacks (support/README.md).
        $middleware->remove(HandleCors::class);
        $middleware->prepend([GuardedAnswers::class, WellFormed::class, OwnPagesOnly::class]);
        // No session: who has signed in is known by a pass of their own (SignsIn).
        $middleware->group('web', [SubstituteBindings::class]);
        $middleware->group('api', [SubstituteBindings::class, SignsIn::class, WhichGarden::class, KnowsTheGarden::class, SpeaksAsSet::class, CopiesDaily::class, WorksOn::class]);
        $middleware->trustHosts(
            at: static fn (): array => array_map(
                static fn (string $host): string => '^'.preg_quote($host).'$',
                config()->array('marrow.hosts'),
            ),
            subdomains: false,
        );
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        Refusals::register($exceptions);
    })
    ->create();
