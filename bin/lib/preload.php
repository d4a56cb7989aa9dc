<?php

declare(strict_types=1);

// preload.php FILE: writes the script that php-fpm runs as it starts, so that its workers have every class of the application at hand without looking for
// its file. What is needed is found by answering two requests and by loading the classes of app/ and core/.

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;

$root = dirname(__DIR__, 2);
$classes = require "$root/vendor/composer/autoload_classmap.php";
require "$root/vendor/autoload.php";
$kernel = (require "$root/bootstrap/app.php")->make(Kernel::class);
foreach (['/', '/api/v1/session'] as $path) {
    $kernel->handle(Request::create($path));
}
foreach (array_keys($classes) as $class) {
    if (preg_match('/^(App\\\\(?!Console|Demo|TryOut)|DeftBlade\\\\Core\\\\(?!Tests))/', $class) === 1) {
        class_exists($class);
    }
}

/** Whether a class is declared in a file as it stands, and all that it is made of too: others cannot be kept. */
$isPlain = static function (ReflectionClass $class) use (&$isPlain, $root): bool {
    $parents = [...array_filter([$class->getParentClass()]), ...$class->getInterfaces(), ...$class->getTraits()];
    $file = $class->getFileName();

    return ($class->isInternal() || ($file !== false && ! str_starts_with($file, "$root/storage/") && preg_match('~/(carbon/lazy|View/Compilers)/~', $file) === 0))
        && array_filter($parents, static fn(ReflectionClass $it): bool => ! $isPlain($it)) === [];
};
$files = [];
foreach ([...get_declared_interfaces(), ...get_declared_traits(), ...get_declared_classes()] as $name) {
    $class = new ReflectionClass($name);
    if (! $class->isInternal() && ! $class->isAnonymous() && ! str_starts_with($name, 'Composer\\') && $isPlain($class)) {
        $files[(string) $class->getFileName()] = true;
    }
}
$lines = array_map(static fn(string $file): string => 'opcache_compile_file('.var_export($file, true).");\n", array_keys($files));
file_put_contents($argv[1], "<?php\n\n".implode('', $lines));
