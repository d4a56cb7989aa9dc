<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use PHPUnit\Framework\TestCase;

/** Which folder of the core may know which: those named before it, in the order the README gives. */
final class LayersTest extends TestCase
{
    private const ORDER = ['Message', 'Json', 'Statistics', 'Money', 'Compute', 'Weighing', 'Carcass', 'Standard', 'Capture', 'Balance', 'Grading', 'Vocabulary', 'Sentence', 'Package', 'Variant', 'School', 'Shipped', 'Planning', 'Ledger', 'Lots', 'Agreement', 'Trends', 'Practice', 'Quiz', 'Questions'];

    public function testNoFolderKnowsALaterOne(): void
    {
        $against = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(dirname(__DIR__).'/src', \FilesystemIterator::SKIP_DOTS)) as $file) {
            $own = basename(dirname((string) $file));
            self::assertContains($own, self::ORDER, "$own has no place in the order");
            preg_match_all('/DeftBlade\\\\Core\\\\(\w+)\\\\\w+/', (string) file_get_contents((string) $file), $found);
            foreach ($found[1] as $known) {
                if (array_search($known, self::ORDER, true) > array_search($own, self::ORDER, true)) {
                    $against[] = "$own knows $known: ".basename((string) $file);
                }
            }
        }
        self::assertSame([], $against);
    }

    public function testTheCoreKnowsNothingButPhp(): void
    {
        $foreign = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(dirname(__DIR__).'/src', \FilesystemIterator::SKIP_DOTS)) as $file) {
            preg_match_all('/^use (?!function|const)([\w\\\\]+)/m', (string) file_get_contents((string) $file), $found);
            array_push($foreign, ...array_filter($found[1], static fn(string $it): bool => ! preg_match('/^(DeftBlade\\\\Core|Random)\\\\/', $it) === 1));
        }
        self::assertSame([], $foreign);
    }
}
