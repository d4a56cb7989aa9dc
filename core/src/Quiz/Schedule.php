<?php

declare(strict_types=1);

namespace DeftBlade\Core\Quiz;

use DeftBlade\Core\Practice\Repetition;

/** When each question, and each drill, is due again, by how it was answered or went. */
final readonly class Schedule
{
    /** @param array<string, int> $due the day it is due again, by key of the subject */
    private function __construct(private array $due) {}

    /** @param list<Answered> $answers in order of time */
    public static function of(array $answers): self
    {
        $repetitions = $due = [];
        foreach ($answers as $it) {
            $key = $it->subject->key();
            $repetitions[$key] = ($repetitions[$key] ?? Repetition::unanswered())->answered($it->how->quality());
            $due[$key] = $it->day + $repetitions[$key]->days;
        }

        return new self($due);
    }

    /** @return int|null the day since 1970 on which it is due again; null while it was never done */
    public function dueOn(Subject $subject): ?int
    {
        return $this->due[$subject->key()] ?? null;
    }

    /** How many questions that were answered before are due; drills are counted where they are shown. */
    public function countDue(int $today): int
    {
        return count(array_filter($this->due, static fn(int $day, string $key): bool => $day <= $today && ! str_starts_with($key, QuizKind::Drill->value.' '), ARRAY_FILTER_USE_BOTH));
    }

    /**
     * What to ask, in order: what is due, then what was never asked, then what is due soonest; in each, what cost most points first.
     *
     * @param list<Subject>        $subjects everything that can be asked, in the order it is asked the first time
     * @param array<string, float> $worth    points, by id of what is asked about
     *
     * @return list<Subject>
     */
    public function inOrder(array $subjects, array $worth, int $today): array
    {
        $place = fn(Subject $it, int $first): array => match (true) {
            ! isset($this->due[$it->key()]) => [1, -($worth[$it->about] ?? 0.0), $first],
            $this->due[$it->key()] <= $today => [0, -($worth[$it->about] ?? 0.0), $this->due[$it->key()]],
            default => [2, $this->due[$it->key()], $first],
        };
        $places = array_map($place, $subjects, array_keys($subjects));
        asort($places);

        return array_map(static fn(int $it): Subject => $subjects[$it], array_keys($places));
    }
}
