<?php

declare(strict_types=1);

// Each process of a parallel run has a database and a storage folder of its own, beside what an install keeps.
$var = getenv('AENUM_VAR') ?: dirname(__DIR__).'/var';
$process = getenv('TEST_TOKEN') ?: '1';
$environment = [
    'AENUM_STORAGE' => "{$var}/storage-test-{$process}",
    'DB_DATABASE' => "aenum_test_{$process}",
];
foreach ($environment as $name => $value) {
    putenv("{$name}={$value}");
    $_ENV[$name] = $_SERVER[$name] = $value;
}
foreach (['views', 'cache', 'sessions', 'testing', '../logs', '../cache'] as $folder) {
    @mkdir("{$environment['AENUM_STORAGE']}/framework/{$folder}", 0700, true);
}
require __DIR__.'/../vendor/autoload.php';
