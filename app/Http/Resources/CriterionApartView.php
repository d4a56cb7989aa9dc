<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** A criterion as somebody judged their own tray, beside what assessors gave them last. */
#[OA\Schema]
final readonly class CriterionApartView
{
    private function __construct(
        #[OA\Property]
        public string $criterion,
        #[OA\Property]
        public string $title,
        #[OA\Property(description: 'The step they gave themselves, from 1.')]
        public int $own,
        #[OA\Property(description: 'The step assessors gave, from 1.')]
        public int $given,
        #[OA\Property(description: 'Steps that they are kinder to themselves by; less than 0 where they are harder.')]
        public int $kinder,
    ) {}

    /**
     * @param array<string, int>    $own    levels by criterion
     * @param array<string, int>    $given
     * @param array<string, string> $titles
     *
     * @return list<self>
     */
    public static function allOf(array $own, array $given, array $titles): array
    {
        $apart = [];
        foreach (array_intersect_key($own, $given, $titles) as $criterion => $level) {
            $apart[] = new self($criterion, $titles[$criterion], $level + 1, $given[$criterion] + 1, $level - $given[$criterion]);
        }

        return $apart;
    }
}
