<?php

declare(strict_types=1);

namespace DeftBlade\Core\Quiz;

use DeftBlade\Core\Weighing\Mass;

/** The mass that is asked for: what is expected, and the window that it is held against. */
final readonly class MassWanted
{
    public function __construct(public Mass $expected, public Mass $low, public Mass $high) {}

    /** How far an answer lies outside the window; 0 within it. */
    public function distanceMg(Mass $answer): int
    {
        return max(0, $this->low->mg - $answer->mg, $answer->mg - $this->high->mg);
    }

    /** Near is what lies outside by no more than the window is wide. */
    public function answered(Mass $answer): HowAnswered
    {
        $off = $this->distanceMg($answer);

        return match (true) {
            $off === 0 => HowAnswered::Right,
            $off <= $this->high->mg - $this->low->mg => HowAnswered::Near,
            default => HowAnswered::Missed,
        };
    }
}
