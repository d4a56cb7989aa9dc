<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\GradedClass;
use DeftBlade\Core\Grading\AttemptResult;
use DeftBlade\Core\Standard\Fault;
use OpenApi\Attributes as OA;

/** A fault that can be marked with one tap, and how often this class has had it. */
#[OA\Schema]
final readonly class OfferedMarkView
{
    private function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $title,
        #[OA\Property(type: 'string', enum: ['technique', 'quality', 'sanitation', 'safety'])]
        public string $group,
        #[OA\Property]
        public bool $critical,
        #[OA\Property]
        public int $count,
    ) {}

    /** @return list<self> most used first */
    public static function allOf(GradedClass $class): array
    {
        $marks = array_map(static fn(Fault $fault): self => new self(
            $fault->id,
            $fault->title,
            in_array($fault->component, ['quality', 'sanitation', 'safety'], true) ? $fault->component : 'technique',
            $fault->critical,
            array_sum(array_map(static fn(AttemptResult $it): int => $it->attempt->log->judged->faults[$fault->id] ?? 0, $class->result->attempts)),
        ), array_values($class->standard->faults));
        usort($marks, static fn(self $one, self $other): int => $other->count <=> $one->count);

        return $marks;
    }
}
