<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\Shelf;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Standard\StandardDiff;
use PHPUnit\Framework\Attributes\DataProvider;
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
        $document->faults[2]->component = 'portion';
        $document->defects[0]->excuses = ['piece:beak'];
        $document->time->limit_ms = 5;
        $document->tray->places[2]->column = 1;
        $document->card[0]->look = 7;
        self::assertSame([
            'standard.colour', 'standard.pieces[1].parts', 'standard.pieces[2].parts[4]', 'standard.pieces[3].window.high', 'standard.carcass.parts[14]', 'standard.carcass.parts[15]',
            'standard.criteria[3].weight', 'standard.pairs[0][1]', 'standard.faults[2].component', 'standard.defects[0].excuses[0]', 'standard.time.limit_ms',
            'standard.tray.places[2]', 'standard.card[0].look',
        ], array_map(static fn(InvalidPackage $it): string => $it->path, Standard::examine($document)->problems));
    }

    public function testNothingIsWrongWithWhatShips(): void
    {
        foreach ((new Shelf())->keys() as $key) {
            self::assertSame([], Standard::examine((new Shelf())->standard($key))->problems, $key);
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
        self::assertSame($words, StandardDiff::between(self::read(self::document()), self::read($after)));
    }

    /** @return array<string, array{callable(\stdClass): mixed, list<string>}> */
    public static function changes(): array
    {
        return [
            'nothing' => [static fn(\stdClass $it) => $it->version = 2, []],
            'a window of its own' => [
                static fn(\stdClass $it) => $it->pieces[0]->window = (object) ['basis' => 'share', 'low' => 0.12, 'high' => 0.16],
                ['Left breast, window: 11.81–15.09 % → 12–16 %'],
            ],
            'a window in grams' => [
                static fn(\stdClass $it) => $it->pieces[0]->window = (object) ['basis' => 'mass', 'low' => 200_000, 'high' => 260_500],
                ['Left breast, window: 11.81–15.09 % → 200–260.5 g'],
            ],
            'a part moved' => [
                static function (\stdClass $it): void {
                    $it->bins[0]->parts = array_values(array_diff($it->bins[0]->parts, ['wing_tip.left']));
                    $it->pieces[6]->parts[] = 'wing_tip.left';
                },
                ['Wing tip, left: from stock bones to left wing', 'Left wing, window: 4.18–5.12 % → 4.91–5.89 %'],
            ],
            'times and the scrape' => [
                static function (\stdClass $it): void {
                    $it->time->standard_ms = 1_200_000;
                    $it->frame = null;
                },
                ['Scrape: clean to 10 g, limit 42.7 g → none', 'Time: 25 min, limit 35 min → 20 min, limit 35 min'],
            ],
            'criteria and faults' => [
                static function (\stdClass $it): void {
                    $it->criteria[0]->weight = 5;
                    $it->criteria[4]->levels[0]->text = 'Splinters.';
                    array_splice($it->criteria, 14, 1);
                    $it->faults[1]->deduct = 4;
                    $it->faults[] = (object) ['id' => 'humming', 'title' => 'Humming', 'component' => 'mise', 'deduct' => 1, 'max' => 1];
                },
                [
                    'Criterion gone: Station in order before the clock', 'Wings off at the ball joint, weight: 2 → 5',
                    'Wishbone out whole, step 1: A splinter of the wishbone is in the meat. → Splinters.',
                    'Fault added: Humming', 'Sawing: 2 a mark, at most 8 → 4 a mark, at most 8',
                ],
            ],
        ];
    }

    private static function document(): \stdClass
    {
        return (new Shelf())->standard('chicken-eight-piece');
    }

    private static function read(\stdClass $document): Standard
    {
        return Standard::read(Node::of($document, 'standard'));
    }
}
