<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** The student's clock was started, paused, resumed or stopped. */
final readonly class ClockTurned extends Capture
{
    public function __construct(string $id, int $at, string $by, public ClockEvent $event, public ?string $reason = null)
    {
        parent::__construct($id, $at, $by);
    }
}
