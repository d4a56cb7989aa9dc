<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Carcass\WindowBasis;
use DeftBlade\Core\Trends\NewWindow;
use OpenApi\Attributes as OA;

/** A piece of the school's own carcasses, and the window it proposes beside the one in force. Shares of AP. */
#[OA\Schema]
final readonly class OwnWindowView
{
    private function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $title,
        #[OA\Property(description: 'Trays that weighed it.')]
        public int $trays,
        #[OA\Property(description: 'By the standard in force.')]
        public float $expected,
        #[OA\Property(nullable: true, description: 'Null where no tray weighed it.')]
        public ?float $median,
        #[OA\Property(nullable: true, description: 'In force; null of a piece that is judged by mass.')]
        public ?float $low,
        #[OA\Property(nullable: true)]
        public ?float $high,
        #[OA\Property(nullable: true, description: 'Proposed; null where there are too few trays, or the piece is judged by mass.')]
        public ?float $new_low,
        #[OA\Property(nullable: true)]
        public ?float $new_high,
    ) {}

    public static function of(NewWindow $it): self
    {
        $window = $it->piece->window;
        $isShare = $window->basis === WindowBasis::Share;

        return new self($it->piece->id, $it->piece->title, $it->own->n, $it->piece->expectation->share, $it->own->median, $isShare ? $window->low : null, $isShare ? $window->high : null, $it->low, $it->high);
    }
}
