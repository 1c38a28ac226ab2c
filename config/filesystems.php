<?php

return [
    'default' => 'local',
    // Photos of parts: private, beside the database that knows of them, and never below public/.
    'disks' => [
        'local' => [
            'driver' => 'local',
            'root' => dirname(storage_path()).'/files/'.env('DB_DATABASE', 'aenum'),
            'throw' => true,
        ],
    ],
];
