<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Carcass\Piece;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\Standard;
use OpenApi\Attributes as OA;

/** Where each piece lies on the tray; rows of four where the standard says nothing. */
#[OA\Schema]
final readonly class TrayLayoutView
{
    private const COLUMNS = 4;

    /** @param list<TrayPlaceView> $places */
    private function __construct(
        #[OA\Property]
        public int $columns,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TrayPlaceView::class))]
        public array $places,
    ) {}

    public static function of(\stdClass $document, Standard $standard): self
    {
        $node = Node::of($document, 'standard');
        if (! $node->has('tray')) {
            $pieces = array_values($standard->cuts->pieces);

            return new self(self::COLUMNS, array_map(
                static fn(Piece $piece, int $index): TrayPlaceView => new TrayPlaceView($piece->id, $index % self::COLUMNS + 1, intdiv($index, self::COLUMNS) + 1),
                $pieces,
                array_keys($pieces),
            ));
        }
        $tray = $node->at('tray');

        return new self($tray->at('columns')->integer(1, 12), array_map(
            static fn(Node $place): TrayPlaceView => new TrayPlaceView($place->at('place')->text(), $place->at('column')->integer(1, 12), $place->at('row')->integer(1, 12)),
            $tray->at('places')->items(),
        ));
    }
}
