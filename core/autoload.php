<?php

/*
 * The core has no dependencies, so it can be used with this one file: `require 'core/autoload.php'` and nothing else.
 */
spl_autoload_register(static function (string $class): void {
    if (str_starts_with($class, 'Aenum\\Core\\')) {
        $file = __DIR__.'/'.strtr(substr($class, 11), '\\', '/').'.php';
        if (is_file($file)) {
            require $file;
        }
    }
});
