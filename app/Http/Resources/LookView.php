<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Capture\LevelJudged;
use OpenApi\Attributes as OA;

/** A level that one person gave a criterion. */
#[OA\Schema]
final readonly class LookView
{
    private function __construct(
        #[OA\Property(description: 'Index into the levels of the criterion.')]
        public int $level,
        #[OA\Property]
        public string $by,
        #[OA\Property(description: 'Why, where it was agreed.')]
        public string $reason,
    ) {}

    public static function given(int $level, string $by, string $reason = ''): self
    {
        return new self($level, $by, $reason);
    }

    /** @param array<string, string> $names by id of a person */
    public static function of(?LevelJudged $level, array $names): ?self
    {
        return $level === null ? null : new self($level->level, $names[$level->by] ?? '', $level->reason);
    }
}
