<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\OwnCurve;
use OpenApi\Attributes as OA;

/** How the time stands to the standard over the tries. */
#[OA\Schema]
final readonly class CurveView
{
    private function __construct(
        #[OA\Property(description: 'That have a time.')]
        public int $tries,
        #[OA\Property(description: 'More that it takes before anything is said about those to come.')]
        public int $missing,
        #[OA\Property(description: 'With the time allowance of whoever asks.')]
        public int $standard_ms,
        #[OA\Property(description: 'The first try that should come to the standard; 0 where the last did; null where too little is known, or none will.')]
        public ?int $at_try,
    ) {}

    public static function of(OwnCurve $it): self
    {
        return new self($it->tries, $it->missing, $it->standardMs, $it->atTry);
    }
}
