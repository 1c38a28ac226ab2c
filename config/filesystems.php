<?php

return [
    'default' => 'local',
    // Photos of parts: private, beside the database that knows of them, and never below public/.
    'disks' => [
        'local' => [
            'driver' => 'local',
            'root' => base_path('var/files/'.env('DB_DATABASE', 'aenum')),
            'throw' => true,
        ],
    ],
];
