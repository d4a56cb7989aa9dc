<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Release;
use App\School\School;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Grading\Policy;
use DeftBlade\Core\Json\Node;

/** Until when a released result may be appealed against, on the calendar of the school. */
final readonly class AppealDays
{
    public function __construct(private School $school) {}

    /** The last day, by the policy the release was sealed with; null where that policy knows no appeals. */
    public function lastDay(Release $release): ?CarbonImmutable
    {
        $days = Policy::appealDays(Node::decode($release->seal->document)->at('policy'));

        return $days === 0 ? null : $release->released_at->setTimezone($this->school->settings->timeZone)->startOfDay()->addDays($days);
    }

    public function isOpen(Release $release): bool
    {
        $last = $this->lastDay($release);

        return $last !== null && $this->school->today()->toDateString() <= $last->toDateString();
    }

    /** The day an appeal made today should be decided by: as many days as there are to make one. */
    public function answerBy(Release $release): CarbonImmutable
    {
        return $this->school->today()->addDays(Policy::appealDays(Node::decode($release->seal->document)->at('policy')));
    }
}
