<?php

declare(strict_types=1);

// The core depends on nothing but PHP, so its command runs from a bare checkout.
spl_autoload_register(static function (string $class): void {
    $prefix = 'DeftBlade\\Core\\';
    if (str_starts_with($class, $prefix)) {
        require __DIR__.'/src/'.str_replace('\\', '/', substr($class, strlen($prefix))).'.php';
    }
});
