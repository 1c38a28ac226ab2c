<?php

// In a cluster what is only looked at is asked of any database, and what was written in this request of its own.
$reads = env('DB_READ_PORT');

$mariadb = [
    'driver' => 'mariadb',
    'host' => env('DB_HOST', '127.0.0.1'),
    'port' => env('DB_PORT', '33061'),
    'unix_socket' => env('DB_SOCKET', ''),
    'database' => env('DB_DATABASE', 'aenum'),
    'username' => env('DB_USERNAME', 'aenum'),
    'password' => env('DB_PASSWORD', ''),
    ...($reads === null ? [] : ['read' => ['port' => $reads], 'write' => [], 'sticky' => true]),
    'charset' => 'utf8mb4',
    'collation' => 'utf8mb4_unicode_ci',
    'prefix' => '',
    'strict' => true,
    'engine' => 'InnoDB',
    'timezone' => '+00:00',
    // Who waited for a row reads it as it is then, not as it was when the waiting began.
    'isolation_level' => 'READ COMMITTED',
    'options' => [
        // To connect, s; how long is waited for an answer stands in ops/php.ini.
        PDO::ATTR_TIMEOUT => 5,
        PDO::ATTR_PERSISTENT => (bool) env('DB_PERSISTENT', false),
        // One trip to the database for a query instead of three; the driver quotes what is bound.
        PDO::ATTR_EMULATE_PREPARES => true,
    ],
];

return [
    'default' => 'mariadb',
    // A second line to the same database, whose writes stand by themselves.
    'connections' => ['mariadb' => $mariadb, 'apart' => $mariadb],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
