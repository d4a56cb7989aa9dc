<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Room;
use OpenApi\Attributes as OA;

/** A room the school has used, and how many stations stand in it. */
#[OA\Schema]
final readonly class BriefRoomView
{
    private function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public int $benches,
    ) {}

    public static function of(Room $room): self
    {
        return new self($room->name, array_sum(array_map(count(...), $room->rows)));
    }
}
