<?php

declare(strict_types=1);

namespace DeftBlade\Core\Practice;

use DeftBlade\Core\Grading\Reason;
use DeftBlade\Core\Standard\Standard;

/** One thing that would have given a try more points, had it gone better. */
final readonly class Improvement
{
    /**
     * @param Reason      $reason   why points were lost in this try
     * @param float       $points   of the total, by grading the try again with this one thing changed
     * @param string|null $next     the level above, as the standard describes it; null of what has no levels
     * @param Standard    $standard the try was graded by
     */
    public function __construct(public Reason $reason, public float $points, public ?string $next, public Standard $standard) {}

    public function about(): About
    {
        return About::ofReason($this->reason);
    }
}
