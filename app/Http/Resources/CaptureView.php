<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Capture;
use OpenApi\Attributes as OA;

/** A capture as it was accepted: what, who, when and from which device. */
#[OA\Schema]
final readonly class CaptureView
{
    private function __construct(
        #[OA\Property]
        public int $seq,
        #[OA\Property(format: 'uuid')]
        public string $attempt,
        #[OA\Property(ref: '#/components/schemas/Capture')]
        public \stdClass $capture,
        #[OA\Property(description: 'Who took it down.')]
        public string $by,
        #[OA\Property]
        public string $device,
        #[OA\Property(format: 'date-time')]
        public string $received_at,
        #[OA\Property(description: 'What the clock of the device was put right by, in ms; the time it showed is that of the capture less this.')]
        public int $offset_ms,
    ) {}

    public static function of(Capture $capture): self
    {
        return new self(
            $capture->seq,
            $capture->attempt_id,
            $capture->inPackage(),
            $capture->user->name,
            $capture->device,
            $capture->received_at->format(Capture::AT_FORMAT),
            $capture->offset_ms,
        );
    }
}
