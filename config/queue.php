<?php

declare(strict_types=1);

return [
    'default' => env('QUEUE_CONNECTION', 'database'),
    'connections' => [
        'database' => [
            'driver' => 'database',
            'connection' => null,
            'table' => 'queued_jobs',
            'queue' => 'default',
            // A worker that died in the middle of a job gives it back after so long, s.
            'retry_after' => 90,
            'after_commit' => true,
        ],
        'sync' => ['driver' => 'sync'],
    ],
    'failed' => ['driver' => 'null'],
];
