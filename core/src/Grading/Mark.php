<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Capture\GivenLevels;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Standard\Criterion;

/**
 * What the levels that one criterion was given come to: the agreed one; else two that lie near enough are combined as the policy says, and two that do not are to be agreed;
 * else the one there is. Without moderation the first holds.
 */
final readonly class Mark
{
    public function __construct(public Criterion $criterion, public GivenLevels $given, private ?Moderation $moderation) {}

    public function isToAgree(): bool
    {
        return $this->given->agreed === null && $this->moderation !== null && $this->given->differ() && abs($this->given->first - $this->given->second) > $this->moderation->toleranceLevels;
    }

    /** The share of its points that is lost; null where it is not judged yet, or to be agreed. */
    public function shortfall(): ?float
    {
        if ($this->isToAgree()) {
            return null;
        }
        [$first, $second] = array_map($this->shortfallAt(...), [$this->given->first, $this->given->second]);

        return match (true) {
            $this->given->agreed !== null => $this->shortfallAt($this->given->agreed),
            $first === null || $second === null => $first ?? $second,
            default => match ($this->moderation?->combine) {
                Combining::Mean => ($first + $second) / 2,
                Combining::Lower => max($first, $second),
                Combining::Higher => min($first, $second),
                Combining::First, null => $first,
            },
        };
    }

    public function why(): Message
    {
        [$criterion, $steps] = [$this->criterion->id, count($this->criterion->levels)];
        [$first, $second, $agreed] = array_map(static fn(?int $level): ?int => $level === null ? null : $level + 1, [$this->given->first, $this->given->second, $this->given->agreed]);
        if (! $this->given->differ() || $this->moderation === null) {
            return Message::of(MessageCode::LevelReached, ['criterion' => $criterion, 'step' => (int) ($agreed ?? $first ?? $second), 'steps' => $steps]);
        }

        return $agreed === null
            ? Message::of(MessageCode::LevelsCombined, ['criterion' => $criterion, 'first' => $first, 'second' => $second, 'combine' => $this->moderation->combine->value, 'steps' => $steps])
            : Message::of(MessageCode::LevelAgreed, ['criterion' => $criterion, 'first' => $first, 'second' => $second, 'step' => $agreed, 'steps' => $steps]);
    }

    /** That two assessors lie too far apart. */
    public function toAgree(): Message
    {
        return Message::of(MessageCode::LevelsToAgree, ['criterion' => $this->criterion->id, 'first' => (int) $this->given->first + 1, 'second' => (int) $this->given->second + 1, 'steps' => count($this->criterion->levels)]);
    }

    /**
     * The levels one step down and up: of two that were combined, the lower and the higher of them.
     *
     * @return array<int|string, int> by -1 and '+1'; those the criterion has
     */
    public function neighbours(): array
    {
        [$first, $second, $agreed] = [$this->given->first, $this->given->second, $this->given->agreed];
        $level = $agreed ?? $first ?? $second;
        $steps = match (true) {
            $agreed === null && $this->moderation !== null && $first !== null && $second !== null && $first !== $second => ['-1' => min($first, $second), '+1' => max($first, $second)],
            $level === null => [],
            default => ['-1' => $level - 1, '+1' => $level + 1],
        };

        return array_filter($steps, fn(int $it): bool => isset($this->criterion->levels[$it]));
    }

    private function shortfallAt(?int $level): ?float
    {
        return $level === null ? null : $this->criterion->shortfallAt($level);
    }
}
