<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Attributes\Boot;
use Illuminate\Database\Eloquent\Attributes\Initialize;
use Illuminate\Database\Eloquent\Model;
use PHPUnit\Framework\TestCase;

/** What BootsByName takes for granted of every model. */
final class ModelsTest extends TestCase
{
    public function testNoModelHasAMethodThatTheFrameworkWouldFindByItsAttributeAlone(): void
    {
        $models = $found = [];
        foreach (glob(dirname(__DIR__, 2).'/app/Models/*.php') ?: [] as $file) {
            $name = 'App\\Models\\'.basename($file, '.php');
            if (! is_subclass_of($name, Model::class)) {
                continue;
            }
            $models[] = $name;
            self::assertContains(BootsByName::class, class_uses_recursive($name), $name);
            foreach ((new \ReflectionClass($name))->getMethods() as $method) {
                if ($method->getAttributes(Boot::class) !== [] || $method->getAttributes(Initialize::class) !== []) {
                    $found[] = "$name::{$method->getName()}";
                }
            }
        }
        self::assertNotSame([], $models);
        self::assertSame([], $found);
    }
}
