<?php

return [
    // A fixed moment for the demo and the tests, "2026-09-14T10:00"; empty for the real time.
    'now' => env('MARROW_NOW'),
    // Names and addresses this server answers to. Anything else is refused, so that no web page elsewhere can reach it
    // by pointing its own name here.
    'hosts' => array_map('trim', explode(',', (string) env('MARROW_HOSTS', '127.0.0.1,localhost'))),
    // Where copies of the garden are put, one a day by itself; empty for none.
    'copies' => env('MARROW_COPIES', ''),
    // Where the crops lie as once read; made again by marrow:ready. Empty to read their files each time.
    'crops_read' => env('MARROW_CROPS_READ', storage_path('framework/cache/crops.php')),
    'crops' => base_path('core/data/crops'),
];
