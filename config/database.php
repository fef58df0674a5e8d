<?php

return [
    'default' => 'sqlite',
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', base_path('data/garden.sqlite')),
            'prefix' => '',
            // Nobody opens it while it is put back to a copy (App\Models\Gate).
            'gate' => true,
            'foreign_key_constraints' => true,
            // A garden that is gone from its place must not be begun anew by reading it.
            'options' => [PDO::SQLITE_ATTR_OPEN_FLAGS => PDO::SQLITE_OPEN_READWRITE],
            'busy_timeout' => (int) env('DB_BUSY_TIMEOUT', 10_000),
            'journal_mode' => 'WAL',
            // Every confirmed entry is on the disk before it is confirmed.
            'synchronous' => 'FULL',
        ],
        // What is being worked at, in a file of its own beside the garden's: it may be lost without loss (App\Works\WorkFile).
        'work' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', base_path('data/garden.sqlite')).'-work',
            'prefix' => '',
            'busy_timeout' => (int) env('DB_BUSY_TIMEOUT', 10_000),
            'journal_mode' => 'WAL',
            'synchronous' => 'NORMAL',
        ],
        // A copy that is looked into; whoever does so names its file.
        'copy' => ['driver' => 'sqlite', 'database' => '', 'prefix' => '', 'options' => [PDO::SQLITE_ATTR_OPEN_FLAGS => PDO::SQLITE_OPEN_READONLY]],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
