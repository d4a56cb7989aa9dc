<?php

declare(strict_types=1);

namespace App\Actions;

/** A request that is well formed but does not fit what is already there. */
final class Conflict extends \DomainException
{
    public static function captureIdTaken(string $id): self
    {
        return new self("Another capture already has the id $id; the earlier one stays as it is.");
    }

    public static function stationTaken(int $station, string $student): self
    {
        return new self("Station $station is $student's; move them first.");
    }
}
