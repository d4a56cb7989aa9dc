<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Sentence\Sentences;
use DeftBlade\Core\Weighing\ScaleReport;
use DeftBlade\Core\Weighing\ScaleStatus;
use OpenApi\Attributes as OA;

/** What the scale reads now; a refusal says why this reading cannot be taken. */
#[OA\Schema]
final readonly class ScaleReadingView
{
    private function __construct(
        #[OA\Property(enum: ['stable', 'moving', 'refused'])]
        public string $state,
        #[OA\Property]
        public ?int $mass_mg,
        #[OA\Property]
        public ?string $refusal,
    ) {}

    public static function of(ScaleReport $report, Sentences $sentences): self
    {
        $refusal = $report->status->refusal();

        return new self(
            match (true) {
                $refusal === null => 'stable',
                $report->status === ScaleStatus::InMotion => 'moving',
                default => 'refused',
            },
            $report->mass?->mg,
            $refusal === null ? null : $sentences->say($refusal),
        );
    }
}
