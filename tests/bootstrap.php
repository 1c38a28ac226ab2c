<?php

declare(strict_types=1);

// The tests keep what they keep beside what an install keeps, so that neither sees the other's.
$var = getenv('AENUM_VAR') ?: dirname(__DIR__).'/var';
putenv("AENUM_STORAGE={$var}/storage-test");
foreach (['views', 'cache', 'sessions', 'testing', '../logs', '../cache'] as $folder) {
    @mkdir("{$var}/storage-test/framework/{$folder}", 0700, true);
}
require __DIR__.'/../vendor/autoload.php';
