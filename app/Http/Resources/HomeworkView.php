<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Drill;
use App\Models\Homework;
use OpenApi\Attributes as OA;

/** What is to be practised by a day. */
#[OA\Schema]
final readonly class HomeworkView
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(format: 'uuid', description: 'The standard to practise.')]
        public string $standard,
        #[OA\Property]
        public string $title,
        #[OA\Property(type: 'string', enum: Drill::class)]
        public Drill $kind,
        #[OA\Property(format: 'date')]
        public string $until,
        #[OA\Property(description: 'How many have done it; for a student 1 where they have. Null where practice is shown to nobody.')]
        public ?int $done,
        #[OA\Property(description: 'What is said with it; nothing where it is empty.')]
        public string $note,
    ) {}

    public static function of(Homework $it, string $title, ?int $done): self
    {
        return new self($it->id, $it->published_standard_id, $title, $it->kind, $it->until->toDateString(), $done, $it->note);
    }
}
