<?php

declare(strict_types=1);

namespace App\Models\Concerns;

/**
 * Boots the traits of a model by the names of their methods. The framework also looks at each of the four hundred methods of a model for attributes that none
 * here has, for every model in every request: a tenth of a short one.
 */
trait BootsByName
{
    protected static function bootTraits(): void
    {
        $initializers = [];
        foreach (class_uses_recursive(static::class) as $trait) {
            $name = class_basename($trait);
            if (method_exists(static::class, "boot$name")) {
                (new \ReflectionMethod(static::class, "boot$name"))->invoke(null);
            }
            if (method_exists(static::class, "initialize$name")) {
                $initializers[] = "initialize$name";
            }
        }
        static::$traitInitializers[static::class] = array_unique($initializers);
    }
}
