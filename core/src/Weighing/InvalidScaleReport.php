<?php

declare(strict_types=1);

namespace DeftBlade\Core\Weighing;

/** Bytes from a scale that are not a report this product can read. */
final class InvalidScaleReport extends \DomainException
{
    public static function because(string $problem): self
    {
        return new self("the scale sent a report that cannot be read: $problem");
    }
}
