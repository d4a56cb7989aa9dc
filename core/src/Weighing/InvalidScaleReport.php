<?php

declare(strict_types=1);

namespace DeftBlade\Core\Weighing;

use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;

/** Bytes from a scale that are not a report this product can read. */
final class InvalidScaleReport extends \DomainException
{
    private function __construct(public readonly Message $problem)
    {
        parent::__construct((string) $problem);
    }

    /** @param array<string, int> $figures exactly those of the code */
    public static function because(MessageCode $code, array $figures = []): self
    {
        return new self(Message::of($code, $figures));
    }
}
