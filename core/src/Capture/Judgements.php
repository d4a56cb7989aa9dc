<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** What was judged of an attempt by looking. */
final readonly class Judgements
{
    /**
     * @param array<string, GivenLevels> $levels by criterion id
     * @param array<string, int>         $faults marks counted, by fault id
     */
    private function __construct(public array $levels, public array $faults) {}

    public static function of(CaptureHistory $history): self
    {
        $levels = $faults = [];
        foreach ($history->holding(LevelJudged::class) as $it) {
            $levels[$it->criterion] = ($levels[$it->criterion] ?? new GivenLevels())->with($it->round, $it->level);
        }
        foreach ($history->holding(FaultMarked::class) as $it) {
            $faults[$it->fault] = ($faults[$it->fault] ?? 0) + 1;
        }

        return new self($levels, $faults);
    }

    /** @return array<string, int> by criterion id */
    public function levelsOf(MarkRound $round): array
    {
        return array_filter(array_map(static fn(GivenLevels $it): ?int => $it->of($round), $this->levels), is_int(...));
    }

    /** Only what was given in one round, as if it were the first. */
    public function ofRound(MarkRound $round): self
    {
        return new self(array_map(static fn(int $it): GivenLevels => new GivenLevels($it), $this->levelsOf($round)), $this->faults);
    }
}
