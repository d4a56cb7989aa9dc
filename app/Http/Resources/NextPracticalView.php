<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Attempt;
use DeftBlade\Core\Standard\MiseItem;
use DeftBlade\Core\Standard\MiseList;
use OpenApi\Attributes as OA;

/** The next practical of a student. */
#[OA\Schema]
final readonly class NextPracticalView
{
    /** @param list<string> $ready */
    private function __construct(
        #[OA\Property]
        public string $title,
        #[OA\Property(format: 'date')]
        public string $held_on,
        #[OA\Property]
        public string $room,
        #[OA\Property]
        public int $station,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'What must be in order before the clock starts.')]
        public array $ready,
    ) {}

    /** @param MiseList $mise in the words of the school */
    public static function of(Attempt $attempt, MiseList $mise): self
    {
        $assessment = $attempt->assessment;

        return new self($assessment->title, $assessment->held_on->toDateString(), $assessment->room, $attempt->station, array_values(array_map(static fn(MiseItem $it): string => $it->title, $mise->items)));
    }
}
