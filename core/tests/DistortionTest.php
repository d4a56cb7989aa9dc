<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\Assessment;
use DeftBlade\Core\Package\ResultDocument;
use DeftBlade\Core\Tests\Support\Package;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Whatever a package holds, it is graded or refused in one line: nothing else comes out. */
final class DistortionTest extends TestCase
{
    private const TRIES = 1_500;

    public function testAnyDistortedPackageIsGradedOrRefusedInOneLine(): void
    {
        $random = new Randomizer(new Mt19937(5));
        $json = Package::shipped()
            ->attempt('a', ['ap' => 1800, 'breast.left' => 245, 'breast.right' => 240, 'stock' => 400, 'scrape' => 20, 'levels' => ['board' => 2], 'faults' => ['sawing'], 'clock' => [0 => 'start', 900 => 'stop']])
            ->attempt('b', ['breast.left' => 3])->json();
        $values = ['null', 'true', '-1', '0', '1', '0.5', '1e308', '""', '"\u0000"', '"1"', '"breast.left"', '[]', '{}', '[[]]', '"'.str_repeat('x', 200).'"', '"strict"', '"mass"'];
        // Every value that stands after a colon: what is put there instead keeps the document JSON.
        preg_match_all('/(?<=:)(?:"[^"]*"|-?[\d.e+]+|true|false|null)/', $json, $places, PREG_OFFSET_CAPTURE);
        $outcomes = ['graded' => 0, 'refused' => 0];
        for ($try = 0; $try < self::TRIES; $try++) {
            [$old, $at] = $places[0][$random->getInt(0, count($places[0]) - 1)];
            $distorted = substr_replace($json, $values[$random->getInt(0, count($values) - 1)], $at, strlen($old));
            try {
                json_decode(ResultDocument::encode(Assessment::read(Node::decode($distorted))->grade()), flags: JSON_THROW_ON_ERROR);
                $outcomes['graded']++;
            } catch (InvalidPackage $problem) {
                self::assertDoesNotMatchRegularExpression('/[\r\n]/', $problem->getMessage());
                self::assertNotSame('', $problem->path);
                $outcomes['refused']++;
            }
        }
        self::assertGreaterThan(self::TRIES / 20, min($outcomes), 'both outcomes are tried');
    }
}
