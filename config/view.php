<?php

return [
    'paths' => [resource_path('views')],
    'compiled' => storage_path('framework/views'),
    // An install's views are compiled by ./start, as its other caches are.
    'check_cache_timestamps' => env('APP_ENV') !== 'production',
];
