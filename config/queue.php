<?php

return [
    'default' => 'work',
    'connections' => [
        // What takes long and is asked for: done by the worker, or after the answers of those who ask (docs/architecture.md).
        'work' => [
            'driver' => 'database',
            'connection' => 'work',
            'table' => 'jobs',
            'queue' => 'default',
            // What a worker had begun that was killed is begun anew by the next; one that lives may take this long, s.
            'retry_after' => 3600,
            'after_commit' => false,
        ],
    ],
    'failed' => ['driver' => 'null'],
];
