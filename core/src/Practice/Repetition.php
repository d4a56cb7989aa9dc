<?php

declare(strict_types=1);

namespace DeftBlade\Core\Practice;

/**
 * When something that is to be remembered is asked again: P. A. Woźniak, Optimization of learning (Poznań 1990), chapter 3.2, algorithm SM-2. After
 * the first answer it is asked a day later, after the second six days, then each time after the interval before times its easiness; an answer of under
 * three begins again, its easiness kept.
 */
final readonly class Repetition
{
    private const BEST = 5;

    private const PASSED = 3;

    private const EASINESS = 2.5;

    private const LEAST_EASINESS = 1.3;

    private const FIRST_DAYS = 1;

    private const SECOND_DAYS = 6;

    /**
     * @param int $inARow answers in a row that passed
     * @param int $days   until it is asked again, from the last answer
     */
    private function __construct(public int $inARow, public int $days, public float $easiness) {}

    public static function unanswered(): self
    {
        return new self(0, 0, self::EASINESS);
    }

    /** @param int $quality of an answer, 0 (nothing remembered) to 5 (at once) */
    public function answered(int $quality): self
    {
        if ($quality < 0 || $quality > self::BEST) {
            throw new \InvalidArgumentException("an answer is of quality 0 to 5, not $quality");
        }
        if ($quality < self::PASSED) {
            return new self(0, self::FIRST_DAYS, $this->easiness);
        }
        $off = self::BEST - $quality;
        $easiness = max(self::LEAST_EASINESS, $this->easiness + 0.1 - $off * (0.08 + $off * 0.02));
        $days = match ($this->inARow) {
            0 => self::FIRST_DAYS,
            1 => self::SECOND_DAYS,
            // A fraction is rounded up; what binary adds to a whole number is none.
            default => (int) ceil(round($this->days * $easiness, 6)),
        };

        return new self($this->inARow + 1, $days, $easiness);
    }
}
