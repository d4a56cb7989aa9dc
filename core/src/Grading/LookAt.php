<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Capture\LevelJudged;

/** How one criterion was seen: the level that holds of each round, with who gave it. */
final readonly class LookAt
{
    public function __construct(public string $criterion, public ?LevelJudged $first, public ?LevelJudged $second, public ?LevelJudged $agreed) {}
}
