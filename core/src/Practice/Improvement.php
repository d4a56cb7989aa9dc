<?php

declare(strict_types=1);

namespace DeftBlade\Core\Practice;

use DeftBlade\Core\Grading\Reason;
use DeftBlade\Core\Message\MessageCode;
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

    /** What it is about, whichever try it was seen in. */
    public function about(): string
    {
        foreach (['criterion', 'fault', 'piece'] as $key) {
            $id = $this->reason->why->figures[$key] ?? null;
            if (is_string($id)) {
                return "$key $id".($this->isOfEvenness() ? ' evenness' : '');
            }
        }

        return $this->reason->component;
    }

    private function isOfEvenness(): bool
    {
        return in_array($this->reason->why->code, [MessageCode::PortionsRange, MessageCode::PortionsCv], true);
    }
}
