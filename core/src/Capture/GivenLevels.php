<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** The levels that one criterion was given, by round; null where that round gave none. */
final readonly class GivenLevels
{
    public function __construct(public ?int $first = null, public ?int $second = null, public ?int $agreed = null) {}

    public function with(MarkRound $round, int $level): self
    {
        return match ($round) {
            MarkRound::First => new self($level, $this->second, $this->agreed),
            MarkRound::Second => new self($this->first, $level, $this->agreed),
            MarkRound::Agreed => new self($this->first, $this->second, $level),
        };
    }

    public function of(MarkRound $round): ?int
    {
        return match ($round) {
            MarkRound::First => $this->first,
            MarkRound::Second => $this->second,
            MarkRound::Agreed => $this->agreed,
        };
    }

    /** Two assessors gave one, and not the same. */
    public function differ(): bool
    {
        return $this->first !== null && $this->second !== null && $this->first !== $this->second;
    }
}
