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
        'array' => ['driver' => 'array', 'serialize' => false],
    ],
    'prefix' => 'aenum_'.env('DB_DATABASE', 'aenum').'_',
];
