<?php

return [
    'default' => 'array',
    // How often somebody tried to sign in is counted from one request to the next.
    'limiter' => env('MARROW_COUNTS', 'file'),
    'stores' => [
        'array' => ['driver' => 'array', 'serialize' => false],
        'file' => ['driver' => 'file', 'path' => storage_path('framework/cache/data')],
    ],
    'prefix' => 'marrow',
];
