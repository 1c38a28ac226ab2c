<?php

// PHP's own server: files under public/ as they are, with a long life for built assets, everything else to the app.
$path = rawurldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
$file = realpath(__DIR__.'/../public'.$path);
$root = (string) realpath(__DIR__.'/../public');
if ($file !== false && is_file($file) && str_starts_with($file, $root.'/') && ! str_ends_with($file, '.php')) {
    $types = [
        'css' => 'text/css',
        'js' => 'text/javascript',
        'woff2' => 'font/woff2',
        'svg' => 'image/svg+xml',
        'png' => 'image/png',
        'txt' => 'text/plain',
    ];
    $forever = isset($_GET['v']) || str_ends_with($file, '.woff2');
    header('Content-Type: '.($types[pathinfo($file, PATHINFO_EXTENSION)] ?? 'application/octet-stream'));
    header('X-Content-Type-Options: nosniff');
    header('Cache-Control: '.($forever ? 'public, max-age=31536000, immutable' : 'no-cache'));
    readfile($file);

    return true;
}
$_SERVER['SCRIPT_NAME'] = '/index.php';
require $root.'/index.php';
