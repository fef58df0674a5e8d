<?php

return [
    'default' => 'daily',
    'channels' => [
        'daily' => ['driver' => 'daily', 'path' => storage_path('logs/marrow.log'), 'level' => 'warning', 'days' => 30],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
        'emergency' => ['path' => storage_path('logs/marrow.log')],
    ],
];
