<?php

return [
    'default' => env('FILESYSTEM_DISK', 'local'),
    // Photos of parts: private, beside the database that knows of them, and never below public/.
    'disks' => [
        'local' => [
            'driver' => 'local',
            'root' => dirname(storage_path()).'/files/'.env('DB_DATABASE', 'aenum'),
            'throw' => true,
        ],
        // Where more than one machine serves a shop: a photo is kept, or not, with the row that knows of it.
        'database' => ['driver' => 'database', 'throw' => true],
    ],
];
