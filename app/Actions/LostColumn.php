<?php

declare(strict_types=1);

namespace App\Actions;

use Carbon\CarbonImmutable;
use DeftBlade\Core\Practice\MostLost;
use DeftBlade\Core\Trends\Factor;

/** What some trays that have one thing in common lost points at. */
final readonly class LostColumn
{
    /**
     * @param CarbonImmutable|null    $heldOn of the earlier class that they are of; null where they are of the class that is looked at
     * @param array<string, MostLost> $lost   by title
     */
    public function __construct(public Factor $factor, public string $value, public ?CarbonImmutable $heldOn, public int $trays, public array $lost) {}
}
