<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Trends\Finding;
use DeftBlade\Core\Trends\FindingKind;
use OpenApi\Attributes as OA;

/** One thing about a standard that is worth a look in the editor. */
#[OA\Schema]
final readonly class FindingView
{
    private function __construct(
        #[OA\Property(type: 'string', enum: FindingKind::class)]
        public FindingKind $kind,
        #[OA\Property(nullable: true, description: 'Id of the criterion or piece; null of the time.')]
        public ?string $place,
        #[OA\Property(description: 'As the standard calls it; empty of the time.')]
        public string $title,
        #[OA\Property(nullable: true, description: 'The criterion that goes with it.')]
        public ?string $other,
        #[OA\Property(nullable: true, description: 'The step that is never given, in words.')]
        public ?string $step,
        #[OA\Property(nullable: true, description: 'Its number, from 1.')]
        public ?int $step_number,
        #[OA\Property(description: 'The share, difficulty, discrimination or correlation that says so.')]
        public float $figure,
        #[OA\Property]
        public int $trays,
    ) {}

    public static function of(Finding $it, Standard $standard): self
    {
        $title = static fn(?string $id): ?string => $id === null ? null : $standard->criteria[$id]->title ?? $standard->titleOf($id);

        return new self(
            $it->kind,
            $it->place,
            $title($it->place) ?? '',
            $title($it->other),
            $it->level === null ? null : $standard->criteria[$it->place]->levels[$it->level]->text,
            $it->level === null ? null : $it->level + 1,
            $it->figure,
            $it->trays,
        );
    }
}
