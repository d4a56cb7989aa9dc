<?php

declare(strict_types=1);

namespace App\Actions;

use DeftBlade\Core\Practice\MostLost;
use DeftBlade\Core\Trends\Difference;

/** Some trays of a class that have one thing in common, beside the others. */
final readonly class ClassPart
{
    /** @param MostLost|null $most what they lost most at; null where nothing */
    public function __construct(public Difference $difference, public ?MostLost $most) {}
}
