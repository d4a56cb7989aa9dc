<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Practice\NamedParts;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Standard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A step of a method card points at the parts it names, and at no others. */
final class NamedPartsTest extends TestCase
{
    /** @param list<string> $parts those of the left side, and those of no side */
    #[DataProvider('steps')]
    public function testAStepNamesPartsByWhatTheStandardCallsThem(string $key, string $text, array $parts): void
    {
        $found = (new NamedParts(self::standard($key)))->in($text);
        self::assertEqualsCanonicalizing($parts, array_values(array_filter($found, static fn(string $it): bool => ! str_ends_with($it, '.right'))));
        foreach ($found as $part) {
            $other = str_replace(['.left', '.right'], ['.right', '.left'], $part);
            self::assertContains($other, $found, 'both sides, or none');
        }
    }

    /** @return iterable<string, array{string, string, list<string>}> */
    public static function steps(): iterable
    {
        yield 'a piece: all that is in it' => ['chicken-eight-piece', 'Take the wing off.', ['wing_flat.left', 'drumette_meat.left', 'drumette_bone.left']];
        yield 'a part' => ['chicken-eight-piece', 'Take the wishbone out first.', ['wishbone']];
        yield 'a part by a word that only it has' => ['lamb-leg-by-the-seam', 'Thin cap fat and fell.', ['fat_cap']];
        yield 'a longer name, not the shorter in it' => ['chicken-eight-piece', 'Mind the thigh bone.', ['thigh_bone.left']];
        yield 'several, in the plural' => ['chicken-eight-piece', 'Lay both oysters beside the wishbone.', ['oyster.left', 'wishbone']];
        yield 'nothing' => ['chicken-eight-piece', 'Run a fingertip along every edge.', []];
        yield 'a word that begins like a name' => ['chicken-eight-piece', 'Winged creatures of thighbone alley.', []];
    }

    public function testMostCardsThatShipPointAtSomething(): void
    {
        $steps = $named = 0;
        foreach ((new ShippedDocuments())->keys() as $key) {
            $parts = new NamedParts(self::standard($key));
            foreach ((new ShippedDocuments())->standard($key)->card ?? [] as $step) {
                $steps++;
                $named += ($parts->in(strtr($step->do, ['{' => '', '}' => ''])) ?: $parts->in(strtr($step->look, ['{' => '', '}' => '']))) === [] ? 0 : 1;
            }
        }
        self::assertGreaterThan(0.6, $named / $steps);
    }

    private static function standard(string $key): Standard
    {
        return Standard::read(Node::of((new ShippedDocuments())->standard($key), 'standard'));
    }
}
