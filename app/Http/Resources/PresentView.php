<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Presence;
use OpenApi\Attributes as OA;

/** Somebody who has a tray open. */
#[OA\Schema]
final readonly class PresentView
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $attempt,
        #[OA\Property(format: 'uuid')]
        public string $person,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $device,
    ) {}

    public static function of(Presence $presence): self
    {
        return new self((string) $presence->attempt_id, $presence->user_id, $presence->user->name, $presence->device);
    }
}
