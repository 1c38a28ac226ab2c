<?php

return [
    'default' => env('CACHE_STORE', 'file'),
    'stores' => [
        'file' => [
            'driver' => 'file',
            'path' => storage_path('framework/cache/data/'.env('DB_DATABASE', 'aenum')),
            'lock_path' => storage_path('framework/cache/data/'.env('DB_DATABASE', 'aenum')),
        ],
        'array' => ['driver' => 'array', 'serialize' => false],
    ],
    'prefix' => 'aenum_'.env('DB_DATABASE', 'aenum').'_',
];
