<?php

return [
    'default' => env('CACHE_STORE', 'file'),
    'stores' => [
        'file' => [
            'driver' => 'file',
            'path' => storage_path('framework/cache/data/'.env('DB_DATABASE', 'aenum')),
            'lock_path' => storage_path('framework/cache/data/'.env('DB_DATABASE', 'aenum')),
        ],
        // Where more than one machine serves a shop: what one has worked out, all have.
        'database' => ['driver' => 'database', 'table' => 'cache', 'lock_table' => 'cache_locks'],
        'limits' => [
            'driver' => 'database', 'connection' => 'apart', 'table' => 'cache', 'lock_table' => 'cache_locks',
        ],
        'array' => ['driver' => 'array', 'serialize' => false],
    ],
    // Wrong tries are counted apart from what the request writes: what it takes back does not take them back.
    'limiter' => env('CACHE_STORE', 'file') === 'database' ? 'limits' : null,
    'prefix' => 'aenum_'.env('DB_DATABASE', 'aenum').'_',
];
