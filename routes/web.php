<?php

use Illuminate\Http\Response;
use Illuminate\Support\Facades\Route;

// It works for every page, so it stands at the root; and it is asked for anew each time, since its name stays.
Route::get('/sw.js', static function (): Response {
    $worker = public_path('build/sw.js');
    abort_unless(is_file($worker), 404);

    return new Response((string) file_get_contents($worker), 200, ['Content-Type' => 'text/javascript; charset=utf-8', 'Cache-Control' => 'no-cache']);
});

// The address decides what the browser shows, not the server: every page is the one page of the built interface.
Route::get('/{any?}', static function (): Response {
    $page = public_path('build/index.html');
    abort_unless(is_file($page), 503, 'The interface has not been built yet. Run bin/demo or bin/start.');

    return new Response((string) file_get_contents($page), 200, ['Content-Type' => 'text/html; charset=utf-8', 'Cache-Control' => 'no-cache']);
})->where('any', '^(?!api/|build/).*$');
