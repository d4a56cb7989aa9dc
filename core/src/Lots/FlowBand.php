<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

/** Mass that went from one place of a flow to the next. */
final readonly class FlowBand
{
    /** @param string $from a species, or the value of a FlowStage */
    public function __construct(public string $from, public string $to, public int $massMg) {}
}
