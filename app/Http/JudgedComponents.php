<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\PublishedStandard;
use DeftBlade\Core\Grading\Component;
use DeftBlade\Core\Grading\Policy;

/** The components that the standards of the school judge. */
final readonly class JudgedComponents
{
    public function __construct(private StandardsInBrief $standards) {}

    /** @return list<string> those that a policy does not count: their criteria and faults would bear on no mark */
    public function without(Policy $policy): array
    {
        $judged = [];
        foreach ($this->standards->ofPublished(PublishedStandard::latestOfEach()->get()) as $standard) {
            $judged += array_fill_keys($standard->judged, true);
        }
        $counted = array_map(static fn(Component $it): string => $it->id(), $policy->components);

        return array_values(array_diff(array_map(strval(...), array_keys($judged)), $counted));
    }
}
