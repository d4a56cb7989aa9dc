<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Brief\BriefAssessor;
use App\Brief\BriefDocument;
use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\User;
use DeftBlade\Core\Json\Node;
use Illuminate\Database\Eloquent\Collection;
use OpenApi\Attributes as OA;

/** Who is down to mark which stations of a practical. */
#[OA\Schema]
final readonly class AssessorView
{
    /** @param list<int> $stations */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $person,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'Marks a second time.')]
        public bool $is_second,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'integer'))]
        public array $stations,
    ) {}

    /**
     * @param Collection<int, Assessment> $assessments with their attempts
     *
     * @return array<string, list<self>> by practical; nobody where it was not planned in a brief
     */
    public static function ofEach(Collection $assessments): array
    {
        $assessments->load('brief');
        $planned = [];
        foreach ($assessments as $assessment) {
            $planned[$assessment->id] = $assessment->brief === null ? [] : BriefDocument::read(Node::of($assessment->brief->document, 'brief'))->assessors;
        }
        $people = array_map(static fn(BriefAssessor $it): string => $it->person, array_merge([], ...array_values($planned)));
        $names = $people === [] ? [] : User::query()->findMany($people)->pluck('name', 'id')->all();
        $views = [];
        foreach ($assessments as $assessment) {
            $stations = $assessment->attempts->map(static fn(Attempt $it): int => $it->station)->all();
            $marks = array_map(static fn(BriefAssessor $it): self => new self($it->person, is_string($names[$it->person] ?? null) ? $names[$it->person] : '', $it->isSecond, array_values(array_intersect($it->stations, $stations))), $planned[$assessment->id]);
            $views[$assessment->id] = array_values(array_filter($marks, static fn(self $it): bool => $it->stations !== []));
        }

        return $views;
    }
}
