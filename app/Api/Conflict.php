<?php

declare(strict_types=1);

namespace App\Api;

/** A request that is well formed but does not fit what is already there. */
final class Conflict extends \DomainException
{
    public static function captureIdTaken(string $id): self
    {
        return new self("Another capture already has the id $id; the earlier one stays as it is.");
    }
}
