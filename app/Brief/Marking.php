<?php

declare(strict_types=1);

namespace App\Brief;

use App\Models\Assessment;
use App\Models\User;
use DeftBlade\Core\Json\Node;
use Illuminate\Database\Eloquent\Collection;

/** Somebody who is down to mark stations of a practical. */
final readonly class Marking
{
    /** @param list<int> $stations of this practical */
    private function __construct(public string $person, public string $name, public bool $isSecond, public array $stations) {}

    /**
     * @param Collection<int, Assessment> $assessments
     * @param array<string, list<int>>    $stations    by practical
     *
     * @return array<string, list<self>> by practical; nobody where it was not planned in a brief
     */
    public static function ofEach(Collection $assessments, array $stations): array
    {
        $assessments->load('brief');
        $planned = [];
        foreach ($assessments as $assessment) {
            $planned[$assessment->id] = $assessment->brief === null ? [] : BriefDocument::read(Node::of($assessment->brief->document, 'brief'))->assessors;
        }
        $names = self::names(array_merge([], ...array_values($planned)));
        $markings = [];
        foreach ($assessments as $assessment) {
            $all = array_map(static fn(BriefAssessor $it): self => new self($it->person, $names[$it->person] ?? '', $it->isSecond, array_values(array_intersect($it->stations, $stations[$assessment->id] ?? []))), $planned[$assessment->id]);
            $markings[$assessment->id] = array_values(array_filter($all, static fn(self $it): bool => $it->stations !== []));
        }

        return $markings;
    }

    /**
     * @param list<BriefAssessor> $assessors
     *
     * @return array<string, string> by id
     */
    private static function names(array $assessors): array
    {
        $ids = array_values(array_unique(array_map(static fn(BriefAssessor $it): string => $it->person, $assessors)));

        return $ids === [] ? [] : User::query()->findMany($ids)->mapWithKeys(static fn(User $it): array => [$it->id => $it->name])->all();
    }
}
