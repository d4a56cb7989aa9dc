<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Tests\Support\DeviceVectors;
use PHPUnit\Framework\TestCase;

/** What a device works out without a network is held to the core by vectors that the core writes; tests/screen runs the device's module through the same. */
final class SharedVectorsTest extends TestCase
{
    private const FILE = __DIR__.'/../../tests/vectors/device.json';

    public function testTheVectorsAreWhatTheCoreSays(): void
    {
        $vectors = (new DeviceVectors())->json();
        if (getenv('WRITE_VECTORS') === '1') {
            file_put_contents(self::FILE, $vectors);
        }
        self::assertJsonStringEqualsJsonFile(self::FILE, $vectors, 'run WRITE_VECTORS=1 bin/test core, and look at what changed');
    }
}
