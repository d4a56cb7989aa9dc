<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Agreement\Severity;
use OpenApi\Attributes as OA;

/** How an assessor's totals lie to those that others gave the same trays. */
#[OA\Schema]
final readonly class SeverityView
{
    private function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public int $trays,
        #[OA\Property(description: 'Points, theirs less the other one\'s; null on fewer than ten trays.')]
        public ?float $difference,
    ) {}

    /** @param array<string, string> $names by id */
    public static function of(Severity $severity, array $names): self
    {
        return new self($names[$severity->person] ?? '', $severity->trays, $severity->difference);
    }
}
