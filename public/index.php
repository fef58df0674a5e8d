<?php

use Illuminate\Foundation\Application;
use Illuminate\Http\Request;

define('LARAVEL_START', microtime(true));

// While an update changes the program's own files, which must not be read by halves; one that was cut off does not count for ever.
$updating = __DIR__.'/../storage/framework/updating';
if (is_file($updating) && time() - (int) @filemtime($updating) < 900) {
    http_response_code(503);
    header('Retry-After: 3');
    header('Cache-Control: no-store');
    $said = 'Marrow is just being brought up to date. Nothing is lost: it goes on by itself in a moment.';
    if (str_starts_with($_SERVER['REQUEST_URI'] ?? '', '/api/')) {
        header('Content-Type: application/json');
        exit(json_encode(['message' => $said]));
    }
    header('Refresh: 3');
    header('Content-Type: text/html; charset=utf-8');
    exit("<!doctype html><html lang=\"en\"><title>Marrow</title><p>$said</p></html>");
}

require __DIR__.'/../vendor/autoload.php';

/** @var Application $app */
$app = require_once __DIR__.'/../bootstrap/app.php';

$app->handleRequest(Request::capture());
