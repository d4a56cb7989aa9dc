<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Carcass\Bin;
use DeftBlade\Core\Carcass\Joint;
use DeftBlade\Core\Carcass\Piece;
use DeftBlade\Core\Standard\Standard;
use OpenApi\Attributes as OA;

/** What a piece or a bin should weigh, as shares of the carcass as purchased, and the window a piece is judged by. */
#[OA\Schema]
final readonly class ExpectedView
{
    /** @param list<JointView> $joints */
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
        #[OA\Property(type: 'array', items: new OA\Items(ref: JointView::class), description: 'The joints it comes through, where the carcass has a plan.')]
        public array $joints,
    ) {}

    /**
     * @param list<Joint> $joints of the carcass
     *
     * @return list<self> pieces, then bins
     */
    public static function allOf(Standard $standard, array $joints = []): array
    {
        $through = static fn(Piece|Bin $it): array => array_map(JointView::of(...), array_values(array_filter($joints, static fn(Joint $joint): bool => $joint->partsThrough($it->parts, $standard->carcass))));

        return [
            ...array_map(static fn(Piece $it): self => self::ofPiece($it, $through($it)), array_values($standard->cuts->pieces)),
            ...array_map(static fn(Bin $it): self => self::ofBin($it, $through($it)), array_values($standard->cuts->bins)),
        ];
    }

    /** @param list<JointView> $joints */
    private static function ofPiece(Piece $it, array $joints): self
    {
        return new self($it->id, $it->title, 'piece', $it->expectation->share, $it->expectation->sd, $it->window->basis->value, $it->window->low, $it->window->high, $joints);
    }

    /** @param list<JointView> $joints */
    private static function ofBin(Bin $it, array $joints): self
    {
        return new self($it->id, $it->title, $it->usable ? 'usable' : 'waste', $it->expectation->share, $it->expectation->sd, null, null, null, $joints);
    }
}
