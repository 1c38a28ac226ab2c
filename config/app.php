<?php

return [
    'name' => 'Aenum',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1:8080'),
    'timezone' => 'UTC',
    'locale' => 'en',
    'fallback_locale' => 'en',
    'cipher' => 'AES-256-CBC',
    'key' => env('APP_KEY'),
    'maintenance' => ['driver' => 'file'],

    // Where ./backup puts them.
    'backups' => env('AENUM_BACKUPS', dirname(storage_path()).'/backups'),
    // The demo shop: made-up data, sign-ins shown, and a shop clock that can be put forward.
    'demo' => (bool) env('AENUM_DEMO', false),

    // A plan of the day is searched for so long, s.
    'day_seconds' => (float) env('AENUM_DAY_SECONDS', 2.0),

    // Which node of a cluster this is; null on one box.
    'node' => env('AENUM_NODE'),

    // The name this install gives of itself, and the names it is reached by; any where none is given.
    'instance' => env('AENUM_INSTANCE', ''),
    'hosts' => array_filter(explode(',', (string) env('AENUM_HOSTS', ''))),
    'loopback' => (bool) env('AENUM_LOOPBACK', true),
    'tls_port' => env('AENUM_TLS_PORT'),
];
