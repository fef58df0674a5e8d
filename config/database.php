<?php

return [
    'default' => 'sqlite',
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', base_path('data/garden.sqlite')),
            'prefix' => '',
            'foreign_key_constraints' => true,
            // A garden that is gone from its place must not be begun anew by reading it.
            'options' => [PDO::SQLITE_ATTR_OPEN_FLAGS => PDO::SQLITE_OPEN_READWRITE],
            'busy_timeout' => (int) env('DB_BUSY_TIMEOUT', 10_000),
            'journal_mode' => 'WAL',
            // Every confirmed entry is on the disk before it is confirmed.
            'synchronous' => 'FULL',
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
