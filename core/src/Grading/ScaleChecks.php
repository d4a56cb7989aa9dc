<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Capture\BinWeighed;
use DeftBlade\Core\Capture\Capture;
use DeftBlade\Core\Capture\CaptureHistory;
use DeftBlade\Core\Capture\PieceWeighed;
use DeftBlade\Core\Capture\PortionWeighed;
use DeftBlade\Core\Capture\Received;
use DeftBlade\Core\Capture\Scraped;

/** The checks of a scale over a practical; each holds until the next. */
final readonly class ScaleChecks
{
    private const WEIGHED = [Received::class, PieceWeighed::class, PortionWeighed::class, BinWeighed::class, Scraped::class];

    /** @param list<ScaleCheck> $checks in order of time, then id */
    private function __construct(private array $checks) {}

    /** @param list<ScaleCheck> $checks in any order */
    public static function of(array $checks): self
    {
        usort($checks, static fn(ScaleCheck $one, ScaleCheck $other): int => [$one->at, $one->id] <=> [$other->at, $other->id]);

        return new self($checks);
    }

    /** The last one made; null where none was. */
    public function latest(): ?ScaleCheck
    {
        return $this->checks === [] ? null : $this->checks[count($this->checks) - 1];
    }

    /** The first check with the scale out of limits that held while something was weighed that still counts; null where there is none. */
    public function firstOut(CaptureHistory $history, Policy $policy): ?ScaleCheck
    {
        $times = array_map(static fn(Capture $it): int => $it->at, array_merge(...array_map($history->holding(...), self::WEIGHED)));
        foreach ($this->checks as $index => $check) {
            $until = ($this->checks[$index + 1] ?? null)->at ?? PHP_INT_MAX;
            if (! $check->isWithin($policy->scale) && array_filter($times, static fn(int $at): bool => $at >= $check->at && $at < $until) !== []) {
                return $check;
            }
        }

        return null;
    }
}
