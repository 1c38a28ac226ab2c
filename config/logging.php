<?php

return [
    'default' => 'log',
    'channels' => [
        // Where nothing can be written, pages are answered all the same.
        'log' => ['driver' => 'stack', 'channels' => ['single'], 'ignore_exceptions' => true],
        'single' => [
            'driver' => 'single',
            'path' => storage_path('logs/aenum.log'),
            'level' => env('LOG_LEVEL', 'warning'),
        ],
        'emergency' => ['path' => storage_path('logs/aenum.log')],
        'null' => ['driver' => 'monolog', 'handler' => \Monolog\Handler\NullHandler::class],
    ],
];
