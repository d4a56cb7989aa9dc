<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** How often something was. */
#[OA\Schema]
final readonly class CountView
{
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public int $count,
    ) {}

    /**
     * @param array<string, int> $counts by name
     *
     * @return list<self>
     */
    public static function allOf(array $counts): array
    {
        return array_map(static fn(string $name, int $count): self => new self($name, $count), array_map(strval(...), array_keys($counts)), array_values($counts));
    }
}
