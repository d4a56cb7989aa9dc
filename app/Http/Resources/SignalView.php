<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Trends\SignalRule;
use OpenApi\Attributes as OA;

/** A class that is not like the others. */
#[OA\Schema]
final readonly class SignalView
{
    public function __construct(
        #[OA\Property(description: 'Its place among the classes, from 0.')]
        public int $at,
        #[OA\Property(type: 'string', enum: SignalRule::class)]
        public SignalRule $rule,
    ) {}
}
