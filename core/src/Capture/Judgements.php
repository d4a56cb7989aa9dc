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

    /** @return array<string, int> of the first round, by criterion id */
    public function firstLevels(): array
    {
        return array_filter(array_map(static fn(GivenLevels $it): ?int => $it->first, $this->levels), is_int(...));
    }
}
