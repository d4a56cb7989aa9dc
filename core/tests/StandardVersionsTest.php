<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Sentence\Sentences;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Standard\StandardDiff;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A school's own standard: everything wrong with it at once, and what changed against the version before. */
final class StandardVersionsTest extends TestCase
{
    public function testEveryMistakeIsFoundAtOnce(): void
    {
        $document = self::document();
        $document->colour = 'red';
        $document->pieces[1]->parts[] = 'tender.left';
        $document->pieces[2]->parts[] = 'antler';
        $document->pieces[3]->window = (object) ['basis' => 'mass', 'low' => 138_800, 'high' => 1];
        $document->bins[0]->parts = array_values(array_diff($document->bins[0]->parts, ['wishbone', 'keel']));
        $document->pairs[0] = ['breast.left', 'beak'];
        $document->criteria[3]->weight = -1;
        $document->defects[0]->excuses = ['piece:beak'];
        $document->time->limit_ms = 5;
        $document->tray->places[2]->column = 1;
        $document->card[0]->look = 7;
        self::assertSame([
            'standard.colour', 'standard.pieces[1].parts', 'standard.pieces[2].parts[4]', 'standard.pieces[3].window.high', 'standard.carcass.parts[14]', 'standard.carcass.parts[15]',
            'standard.criteria[3].weight', 'standard.pairs[0][1]', 'standard.defects[0].excuses[0]', 'standard.time.limit_ms',
            'standard.tray.places[2]', 'standard.card[0].look',
        ], array_map(static fn(InvalidPackage $it): string => $it->path, Standard::examine($document)->problems));
    }

    public function testNothingIsWrongWithWhatShips(): void
    {
        foreach ((new ShippedDocuments())->keys() as $key) {
            self::assertSame([], Standard::examine((new ShippedDocuments())->standard($key))->problems, $key);
        }
    }

    /**
     * @param callable(\stdClass): mixed $change
     * @param list<string>               $words
     */
    #[DataProvider('changes')]
    public function testSaysWhatChangedInWords(callable $change, array $words): void
    {
        $after = self::document();
        $change($after);
        $said = Sentences::plain(self::read($after));
        self::assertSame($words, array_map($said->say(...), StandardDiff::between(self::document(), $after)));
    }

    /** @return array<string, array{callable(\stdClass): mixed, list<string>}> */
    public static function changes(): array
    {
        return [
            'nothing' => [static fn(\stdClass $it) => $it->version = 2, []],
            'a window of its own' => [
                static fn(\stdClass $it) => $it->pieces[0]->window = (object) ['basis' => 'share', 'low' => 0.12, 'high' => 0.16],
                ['Left breast, window: 11.81 to 15.09 % → 12 to 16 %'],
            ],
            'a window in grams' => [
                static fn(\stdClass $it) => $it->pieces[0]->window = (object) ['basis' => 'mass', 'low' => 200_000, 'high' => 260_500],
                ['Left breast, window: 11.81 to 15.09 % → 200 to 260.5 g'],
            ],
            'a part moved' => [
                static function (\stdClass $it): void {
                    $it->bins[0]->parts = array_values(array_diff($it->bins[0]->parts, ['wing_tip.left']));
                    $it->pieces[6]->parts[] = 'wing_tip.left';
                },
                ['Wing tip, left: from stock bones to left wing', 'Left wing, window: 4.18 to 5.12 % → 4.91 to 5.89 %'],
            ],
            'times and the scrape' => [
                static function (\stdClass $it): void {
                    $it->time->standard_ms = 1_200_000;
                    $it->frame->limit_mg = 40_000;
                },
                ['Scrape, limit: 42.7 g → 40 g', 'Time, standard: 25:00 → 20:00 min:s'],
            ],
            'nothing is scraped' => [static fn(\stdClass $it) => $it->frame = null, ['Scrape: no longer asked for']],
            'criteria and faults' => [
                static function (\stdClass $it): void {
                    $it->criteria[0]->weight = 5;
                    $it->criteria[4]->levels[0]->text = 'Splinters.';
                    array_splice($it->criteria, 14, 1);
                    $it->faults[1]->deduct = 4;
                    $it->faults[] = (object) ['id' => 'humming', 'title' => 'Humming', 'component' => 'mise', 'deduct' => 1, 'max' => 1];
                },
                [
                    'Wings off at the ball joint, weight: 2 → 5',
                    'Wishbone out whole, steps, step 1, text: A splinter of the wishbone is in the meat. → Splinters.',
                    'Criteria, no longer: Station in order before the clock',
                    'Sawing, points off: 2 → 4',
                    'Faults, new: Humming',
                ],
            ],
        ];
    }

    /** Every leaf of three standards, changed one at a time: none goes untold. */
    #[TestWith(['chicken-eight-piece'])]
    #[TestWith(['chicken-saute-13'])]
    #[TestWith(['salmon-raw-blocks-and-slices'])]
    public function testNoDifferenceGoesUntold(string $key): void
    {
        $before = (new ShippedDocuments())->standard($key);
        $said = Sentences::plain(self::read($before));
        $tried = 0;
        foreach (self::leaves($before) as $path) {
            $after = unserialize(serialize($before));
            self::assertInstanceOf(\stdClass::class, $after);
            self::distort($after, $path);
            if ($after == $before) {
                continue;
            }
            try {
                self::read($after);
            } catch (InvalidPackage) {
                continue;
            }
            $lines = array_map($said->say(...), StandardDiff::between($before, $after));
            self::assertNotSame([], $lines, implode('.', $path));
            self::assertNotSame('', trim(implode('', $lines)), implode('.', $path));
            $tried++;
        }
        self::assertGreaterThan(250, $tried);
    }

    /** @return \Generator<list<int|string>> the path of every text, number and flag but the version */
    private static function leaves(mixed $node): \Generator
    {
        if (! is_array($node) && ! $node instanceof \stdClass) {
            yield [];

            return;
        }
        foreach ((array) $node as $key => $child) {
            foreach ($key === 'version' ? [] : self::leaves($child) as $path) {
                yield [$key, ...$path];
            }
        }
    }

    /** @param list<int|string> $path */
    private static function distort(\stdClass $document, array $path): void
    {
        $at = &$document;
        foreach ($path as $step) {
            if (is_array($at)) {
                $at = &$at[$step];
            } else {
                $at = &$at->{$step};
            }
        }
        $at = match (true) {
            is_bool($at) => ! $at,
            is_int($at) => $at + 1,
            is_float($at) => $at * 1.0001,
            is_string($at) => self::another($at, (string) end($path)),
            default => $at,
        };
    }

    /** Another text that the place allows. */
    private static function another(string $text, string $key): string
    {
        return match (true) {
            $key === 'kind' => $text === 'bone' ? 'fat' : 'bone',
            $key === 'basis' => $text === 'mass' ? 'share' : 'mass',
            default => "$text changed",
        };
    }

    private static function document(): \stdClass
    {
        return (new ShippedDocuments())->standard('chicken-eight-piece');
    }

    private static function read(\stdClass $document): Standard
    {
        return Standard::read(Node::of($document, 'standard'));
    }
}
