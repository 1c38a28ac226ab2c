<?php

// Devices come with a token or not at all: no cookie opens the door, and nobody's browser is let in by it.
return [
    'stateful' => [],
    'guard' => [],
    'expiration' => null,
    'token_prefix' => 'aenum_',
    'routes' => false,
    'last_used_at' => false,
];
