<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Message\Message;

/** Points of a component (of 100) lost, and for what; a loss of nothing says what was spared. */
final readonly class Loss
{
    public function __construct(public Message $why, public float $points) {}
}
