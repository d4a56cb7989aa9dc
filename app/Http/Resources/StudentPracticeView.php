<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\PracticeFact;
use App\Models\Student;
use App\School\School;
use OpenApi\Attributes as OA;

/** How much a student practised, and by which standards: never what they answered or weighed. */
#[OA\Schema]
final readonly class StudentPracticeView
{
    /**
     * @param list<string> $days
     * @param list<string> $standards
     */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', format: 'date'), description: 'On which something was practised.')]
        public array $days,
        #[OA\Property]
        public int $answers,
        #[OA\Property(description: 'Method cards followed to their end.')]
        public int $cards,
        #[OA\Property]
        public int $trays,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'Titles of the standards, what was practised most first.')]
        public array $standards,
    ) {}

    /**
     * @param list<PracticeFact>    $facts
     * @param array<string, string> $titles of standards, by key
     */
    public static function of(Student $student, array $facts, array $titles, School $school): self
    {
        $zone = new \DateTimeZone($school->settings->timeZone);
        $count = static fn(string $kind): int => count(array_filter($facts, static fn(PracticeFact $it): bool => $it->kind === $kind));

        return new self(
            $student->id,
            $student->name,
            array_values(array_unique(array_map(static fn(PracticeFact $it): string => $it->at->setTimezone($zone)->format('Y-m-d'), $facts))),
            count(array_filter($facts, static fn(PracticeFact $it): bool => $it->isAnswer())),
            $count(PracticeFact::FOLLOWED),
            count(array_unique(array_filter(array_map(static fn(PracticeFact $it): ?string => $it->tray, $facts)))),
            array_map(static fn(string $key): string => $titles[$key] ?? $key, self::mostFirst(array_map(static fn(PracticeFact $it): string => $it->standard_key, $facts))),
        );
    }

    /**
     * @param list<string> $keys
     *
     * @return list<string> each once
     */
    private static function mostFirst(array $keys): array
    {
        $times = array_count_values($keys);
        arsort($times);

        return array_map(strval(...), array_keys($times));
    }
}
