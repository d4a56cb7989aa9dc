<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Capture;
use DeftBlade\Core\Capture\CaptureLog;
use DeftBlade\Core\Capture\CaptureState;
use OpenApi\Attributes as OA;

/** A capture in the log of its tray, with what became of it. */
#[OA\Schema]
final readonly class LogEntryView
{
    private function __construct(
        #[OA\Property]
        public CaptureView $entry,
        #[OA\Property(type: 'string', enum: CaptureState::class)]
        public CaptureState $state,
        #[OA\Property(format: 'uuid', description: 'The later capture that took its place.')]
        public ?string $replaced_by,
    ) {}

    public static function of(Capture $capture, CaptureLog $log): self
    {
        return new self(CaptureView::of($capture), $log->history->stateOf($capture->id), $log->history->replacementOf($capture->id));
    }
}
