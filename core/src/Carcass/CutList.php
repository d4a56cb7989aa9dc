<?php

declare(strict_types=1);

namespace DeftBlade\Core\Carcass;

use DeftBlade\Core\Json\Node;

/** Pieces and bins that together hold every part of a carcass exactly once (the partition rule). */
final readonly class CutList
{
    /**
     * @param array<string, Piece> $pieces by id
     * @param array<string, Bin>   $bins   by id
     */
    private function __construct(public array $pieces, public array $bins) {}

    /** Reads `pieces` and `bins` of a standard. */
    public static function read(Node $standard, Carcass $carcass): self
    {
        $holders = [];
        $pieces = [];
        foreach ($standard->at('pieces')->items() as $node) {
            $node->keys(['id', 'parts'], ['title', 'window']);
            $id = self::newId($node, $pieces);
            $parts = self::partsOf($node, $carcass, $holders, $id);
            $expectation = $carcass->expectationOf($parts);
            $window = $node->has('window') ? Window::read($node->at('window')) : Window::around($expectation);
            if ($window->halfWidth() <= 0) {
                throw $node->fail("$id holds no part with a spread, so it needs a window of its own");
            }
            $pieces[$id] = new Piece($id, $node->textOf('title', $id), $parts, $expectation, $window);
        }
        if ($pieces === []) {
            throw $standard->at('pieces')->fail('a cut list has at least one piece');
        }
        $bins = [];
        foreach ($standard->itemsOf('bins') as $node) {
            $node->keys(['id', 'usable'], ['title', 'parts']);
            $id = self::newId($node, $bins);
            $parts = $node->has('parts') ? self::partsOf($node, $carcass, $holders, $id) : [];
            $bins[$id] = new Bin($id, $node->textOf('title', $id), $node->at('usable')->boolean(), $parts, $carcass->expectationOf($parts));
        }
        foreach ($standard->at('carcass')->at('parts')->items() as $node) {
            $part = $node->at('id')->text();
            if (! isset($holders[$part])) {
                throw $node->fail("$part is in no piece and no bin");
            }
        }

        return new self($pieces, $bins);
    }

    /** @param array<string, mixed> $taken */
    private static function newId(Node $node, array $taken): string
    {
        $id = $node->at('id')->identifier();

        return isset($taken[$id]) ? throw $node->at('id')->fail("$id is also the id of an earlier one") : $id;
    }

    /**
     * @param array<string, string> $holders part id => the piece or bin that holds it
     *
     * @return list<string>
     */
    private static function partsOf(Node $node, Carcass $carcass, array &$holders, string $holder): array
    {
        $parts = [];
        foreach ($node->at('parts')->items() as $item) {
            $part = $item->text();
            if (! isset($carcass->parts[$part])) {
                throw $item->fail('the carcass has no such part');
            }
            if (isset($holders[$part])) {
                throw $node->at('parts')->fail("$part is also in {$holders[$part]}");
            }
            $holders[$part] = $holder;
            $parts[] = $part;
        }

        return $parts;
    }
}
