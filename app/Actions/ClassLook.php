<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use DeftBlade\Core\Practice\MostLost;
use DeftBlade\Core\Trends\Difference;

/** What one class lost points at, and its totals beside those of earlier classes by the same standard. */
final readonly class ClassLook
{
    /**
     * @param Assessment                                     $assessment with its group
     * @param PractisedStandard                              $practised  that it was held against, as it is today
     * @param list<MostLost>                                 $lost       the largest first
     * @param list<LostColumn>                               $columns    the same by station, wave, scale, assessor, box and delivery
     * @param list<Difference>                               $parts      totals by wave, scale, assessor, box
     * @param list<ComponentLook>                            $components in the order of the policy
     * @param list<float>                                    $totals     the lowest first
     * @param list<array{Assessment, non-empty-list<float>}> $earlier    the latest first
     */
    public function __construct(public Assessment $assessment, public PractisedStandard $practised, public array $lost, public array $columns, public array $parts, public array $components, public array $totals, public array $earlier) {}
}
