<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** Why a clock may not be set running without a reason. */
final readonly class ShutGate
{
    /** @param non-empty-list<string> $open ids of the safety items that are open, or were not looked at */
    public function __construct(public bool $isLookedAt, public array $open) {}
}
