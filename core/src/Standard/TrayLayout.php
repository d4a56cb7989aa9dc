<?php

declare(strict_types=1);

namespace DeftBlade\Core\Standard;

use DeftBlade\Core\Carcass\Piece;
use DeftBlade\Core\Json\Node;

/** Where each piece lies on the tray; rows of four where the standard says nothing. */
final readonly class TrayLayout
{
    private const COLUMNS = 4;

    private const MOST = 12;

    /** @param list<array{place: string, column: int, row: int}> $places columns and rows from 1 */
    private function __construct(public int $columns, public array $places) {}

    public static function of(\stdClass $document, Standard $standard): self
    {
        $node = Node::of($document, 'standard');

        return $node->has('tray') ? self::read($node->at('tray')) : new self(self::COLUMNS, self::inRows(array_values($standard->cuts->pieces)));
    }

    public static function read(Node $node): self
    {
        return new self($node->at('columns')->integer(1, self::MOST), array_map(
            static fn(Node $it): array => ['place' => $it->at('place')->text(), 'column' => $it->at('column')->integer(1, self::MOST), 'row' => $it->at('row')->integer(1, self::MOST)],
            $node->at('places')->items(),
        ));
    }

    /** @return array{columns: int, places: list<array{place: string, column: int, row: int}>} */
    public function document(): array
    {
        return ['columns' => $this->columns, 'places' => $this->places];
    }

    /**
     * @param list<Piece> $pieces
     *
     * @return list<array{place: string, column: int, row: int}>
     */
    private static function inRows(array $pieces): array
    {
        return array_map(
            static fn(Piece $piece, int $index): array => ['place' => $piece->id, 'column' => $index % self::COLUMNS + 1, 'row' => intdiv($index, self::COLUMNS) + 1],
            $pieces,
            array_keys($pieces),
        );
    }
}
