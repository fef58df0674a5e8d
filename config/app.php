<?php

return [
    'name' => 'Marrow',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1'),
    'timezone' => env('MARROW_TIMEZONE', date_default_timezone_get()),
    'locale' => 'en',
    'key' => env('APP_KEY'),
    'cipher' => 'AES-256-CBC',
];
