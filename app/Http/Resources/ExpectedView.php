<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Carcass\Bin;
use DeftBlade\Core\Carcass\Piece;
use DeftBlade\Core\Standard\Standard;
use OpenApi\Attributes as OA;

/** What a piece or a bin should weigh, as shares of the carcass as purchased, and the window a piece is judged by. */
#[OA\Schema]
final readonly class ExpectedView
{
    private function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $title,
        #[OA\Property(type: 'string', enum: ['piece', 'usable', 'waste'])]
        public string $kind,
        #[OA\Property]
        public float $share,
        #[OA\Property]
        public float $sd,
        #[OA\Property(type: 'string', enum: ['share', 'mass'], nullable: true)]
        public ?string $basis,
        #[OA\Property(description: 'Share of AP, or mg, by the basis; null for a bin.')]
        public ?float $low,
        #[OA\Property]
        public ?float $high,
    ) {}

    /** @return list<self> pieces, then bins */
    public static function allOf(Standard $standard): array
    {
        return [...array_map(self::ofPiece(...), array_values($standard->cuts->pieces)), ...array_map(self::ofBin(...), array_values($standard->cuts->bins))];
    }

    private static function ofPiece(Piece $it): self
    {
        return new self($it->id, $it->title, 'piece', $it->expectation->share, $it->expectation->sd, $it->window->basis->value, $it->window->low, $it->window->high);
    }

    private static function ofBin(Bin $it): self
    {
        return new self($it->id, $it->title, $it->usable ? 'usable' : 'waste', $it->expectation->share, $it->expectation->sd, null, null, null);
    }
}
