<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Tests\Support\DeviceVectors;
use DeftBlade\Core\Tests\Support\LotVectors;
use DeftBlade\Core\Tests\Support\QuizVectors;
use DeftBlade\Core\Tests\Support\ScaleVectors;
use PHPUnit\Framework\TestCase;

/** What a device works out without a network is held to the core by vectors that the core writes; tests/screen runs the device's module through the same. */
final class SharedVectorsTest extends TestCase
{
    private const FOLDER = __DIR__.'/../../tests/vectors';

    public function testTheVectorsAreWhatTheCoreSays(): void
    {
        $this->hold('device.json', (new DeviceVectors())->json());
        $this->hold('lots.json', LotVectors::json());
        $this->hold('scale.json', ScaleVectors::json());
        $this->hold('quiz.json', QuizVectors::json());
    }

    private function hold(string $file, string $vectors): void
    {
        if (getenv('WRITE_VECTORS') === '1') {
            file_put_contents(self::FOLDER."/$file", $vectors);
        }
        self::assertJsonStringEqualsJsonFile(self::FOLDER."/$file", $vectors, 'run WRITE_VECTORS=1 bin/test core, and look at what changed');
    }
}
