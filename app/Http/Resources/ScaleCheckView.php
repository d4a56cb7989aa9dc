<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\GradedClass;
use App\Models\Assessment;
use App\Models\Capture;
use App\Models\ScaleCheck;
use OpenApi\Attributes as OA;

/** The last check of the scale: what it said of a check weight, and whether that is permissible. */
#[OA\Schema]
final readonly class ScaleCheckView
{
    private function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property(format: 'date-time')]
        public string $at,
        #[OA\Property]
        public string $by,
        #[OA\Property]
        public int $nominal_mg,
        #[OA\Property]
        public int $reading_mg,
        #[OA\Property(description: 'How much too much the scale said.')]
        public int $error_mg,
        #[OA\Property(description: 'Permissible either way at this load: OIML R 76-1.')]
        public int $limit_mg,
        #[OA\Property]
        public bool $is_within,
    ) {}

    public static function latest(Assessment $assessment, GradedClass $class): ?self
    {
        $check = $class->checks->latest();
        $kept = $check === null ? null : $assessment->loadMissing('scaleChecks.user')->scaleChecks->first(static fn(ScaleCheck $it): bool => $it->id === $check->id);

        return $check === null || $kept === null ? null : new self(
            $check->id,
            $kept->at->utc()->format(Capture::AT_FORMAT),
            $kept->user->name,
            $check->nominal->mg,
            $check->reading->mg,
            $check->errorMg(),
            (int) $class->policy->scale->maximumPermissibleError($check->nominal->mg),
            $check->isWithin($class->policy->scale),
        );
    }
}
