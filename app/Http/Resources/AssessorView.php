<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Brief\Marking;
use OpenApi\Attributes as OA;

/** Who is down to mark which stations of a practical. */
#[OA\Schema]
final readonly class AssessorView
{
    /** @param list<int> $stations */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $person,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'Marks a second time.')]
        public bool $is_second,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'integer'))]
        public array $stations,
    ) {}

    public static function of(Marking $marking): self
    {
        return new self($marking->person, $marking->name, $marking->isSecond, $marking->stations);
    }
}
