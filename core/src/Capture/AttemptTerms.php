<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** Under what terms an attempt is made, each as the latest fact sets it; null where none does. */
final readonly class AttemptTerms
{
    private function __construct(public ?float $timeFactor, public ?bool $resit, public ?int $station, public ?StandardSet $standard) {}

    public static function of(CaptureHistory $history): self
    {
        return new self(
            $history->latest(AllowanceSet::class)?->timeFactor,
            $history->latest(ResitSet::class)?->resit,
            $history->latest(StationSet::class)?->station,
            $history->latest(StandardSet::class),
        );
    }
}
