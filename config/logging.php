<?php

return [
    'default' => 'single',
    'channels' => [
        'single' => [
            'driver' => 'single',
            'path' => storage_path('logs/aenum.log'),
            'level' => env('LOG_LEVEL', 'warning'),
        ],
        'emergency' => ['path' => storage_path('logs/aenum.log')],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];
