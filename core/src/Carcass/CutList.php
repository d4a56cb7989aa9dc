<?php

declare(strict_types=1);

namespace DeftBlade\Core\Carcass;

use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;

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
        $pieces = $bins = [];
        foreach ($standard->at('pieces')->items() as $node) {
            $piece = $node->attempt(static function (Node $node) use ($carcass, &$holders, $pieces): Piece {
                return self::piece($node, $carcass, $holders, $pieces);
            });
            $pieces += $piece === null ? [] : [$piece->id => $piece];
        }
        if ($pieces === []) {
            $standard->report($standard->at('pieces')->fail(MessageCode::NoPieces));
        }
        foreach ($standard->itemsOf('bins') as $node) {
            $bin = $node->attempt(static function (Node $node) use ($carcass, &$holders, $pieces, $bins): Bin {
                return self::bin($node, $carcass, $holders, $pieces + $bins);
            });
            $bins += $bin === null ? [] : [$bin->id => $bin];
        }
        foreach ($standard->at('carcass')->at('parts')->items() as $node) {
            $part = $node->at('id')->text();
            if (! isset($holders[$part])) {
                $node->report($node->fail(MessageCode::PartUnheld, ['part' => $part]));
            }
        }

        return new self($pieces, $bins);
    }

    /**
     * @param array<string, string> $holders
     * @param array<string, Piece>  $earlier
     */
    private static function piece(Node $node, Carcass $carcass, array &$holders, array $earlier): Piece
    {
        $node->keys(['id', 'parts'], ['title', 'window', 'portions']);
        $id = self::newId($node, $earlier);
        $parts = self::partsOf($node, $carcass, $holders, $id);
        $expectation = $carcass->expectationOf($parts);
        // A cut whose window or portions are wrong is a cut all the same: what names it is not wrong as well.
        $own = $node->has('window') ? $node->at('window')->attempt(Window::read(...)) : null;
        $window = $own ?? Window::around($expectation);
        if (! $node->has('window') && $window->halfWidth() <= 0) {
            $node->report($node->fail(MessageCode::NeedsWindow, ['id' => $id]));
        }
        $portions = $node->has('portions') ? $node->at('portions')->attempt(Portions::read(...)) : null;

        return new Piece($id, $node->textOf('title', $id), $parts, $expectation, $window, $portions);
    }

    /**
     * @param array<string, string> $holders
     * @param array<string, mixed>  $earlier pieces and bins: a place of the tray has one name
     */
    private static function bin(Node $node, Carcass $carcass, array &$holders, array $earlier): Bin
    {
        $node->keys(['id', 'usable'], ['title', 'parts', 'portions']);
        $id = self::newId($node, $earlier);
        $parts = $node->has('parts') ? self::partsOf($node, $carcass, $holders, $id) : [];

        $count = $node->has('portions') ? Portions::readCount($node->at('portions')) : 1;

        return new Bin($id, $node->textOf('title', $id), $node->at('usable')->boolean(), $parts, $carcass->expectationOf($parts), $count);
    }

    /** @param array<string, mixed> $taken */
    private static function newId(Node $node, array $taken): string
    {
        $id = $node->at('id')->identifier();

        return isset($taken[$id]) ? throw $node->at('id')->fail(MessageCode::IdTaken, ['id' => $id]) : $id;
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
            $problem = match (true) {
                ! isset($carcass->parts[$part]) => $item->fail(MessageCode::NotInStandard, ['list' => 'part', 'id' => InvalidPackage::quote($part)]),
                isset($holders[$part]) => $node->at('parts')->fail(MessageCode::PartTwice, ['part' => $part, 'holder' => $holders[$part]]),
                default => null,
            };
            if ($problem !== null) {
                $node->report($problem);

                continue;
            }
            $holders[$part] = $holder;
            $parts[] = $part;
        }

        return $parts;
    }
}
