<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\PublishedStandard;
use DeftBlade\Core\Practice\MostLost;

/** What a group lost points at in one practical. */
final readonly class LostAt
{
    /**
     * @param PublishedStandard $standard the latest version of what it was held against
     * @param list<MostLost>    $most     the largest first
     */
    public function __construct(public Assessment $assessment, public PublishedStandard $standard, public array $most) {}
}
