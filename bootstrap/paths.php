<?php

declare(strict_types=1);

/** Where an install keeps what it keeps: AENUM_VAR, or var/ in the project. Nothing is written anywhere else. */
$var = getenv('AENUM_VAR') ?: dirname(__DIR__).'/var';
$storage = getenv('AENUM_STORAGE') ?: "{$var}/storage";
$paths = [
    'LARAVEL_STORAGE_PATH' => $storage,
    'APP_SERVICES_CACHE' => "{$storage}/cache/services.php",
    'APP_PACKAGES_CACHE' => "{$storage}/cache/packages.php",
    'APP_CONFIG_CACHE' => "{$storage}/cache/config.php",
    'APP_ROUTES_CACHE' => "{$storage}/cache/routes.php",
    'APP_EVENTS_CACHE' => "{$storage}/cache/events.php",
];
foreach ($paths as $name => $path) {
    $_ENV[$name] ??= $path;
    $_SERVER[$name] ??= $path;
}

return $var;
