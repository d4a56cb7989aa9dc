<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\Attempt;
use App\Roster\ZippedCsv;
use Ramsey\Uuid\Uuid;

/** The released results of a practical as the gradebook files of OneRoster 1.2 (1EdTech; the columns from memory): one line item, and a result for each student. */
final readonly class ResultFiles
{
    private const MOST = 100;

    /**
     * @param Assessment $assessment with its group, and its attempts with their release
     *
     * @return string a zip
     */
    public function zip(Assessment $assessment): string
    {
        $day = $assessment->held_on->toDateString();
        // The same thing has the same id in every export.
        $category = Uuid::uuid5(Uuid::NAMESPACE_URL, 'deft-blade:category practical')->toString();
        $results = [];
        foreach ($assessment->attempts as $attempt) {
            $results[] = self::result($attempt, $assessment);
        }

        return ZippedCsv::of([
            'categories' => [['sourcedId', 'status', 'dateLastModified', 'title'], [$category, '', '', 'Practical']],
            'lineItems' => [
                ['sourcedId', 'status', 'dateLastModified', 'title', 'description', 'assignDate', 'dueDate', 'classSourcedId', 'categorySourcedId', 'gradingPeriodSourcedId', 'resultValueMin', 'resultValueMax', 'schoolSourcedId'],
                [$assessment->id, '', '', $assessment->title, '', $day, $day, $assessment->student_group_id, $category, '', 0, self::MOST, ''],
            ],
            'results' => [
                ['sourcedId', 'status', 'dateLastModified', 'lineItemSourcedId', 'studentSourcedId', 'scoreStatus', 'score', 'scoreDate', 'comment', 'classSourcedId', 'textScore'],
                ...array_values(array_filter($results)),
            ],
        ]);
    }

    /** @return list<string|float|null>|null */
    private static function result(Attempt $attempt, Assessment $assessment): ?array
    {
        $release = $attempt->release;

        return $release === null ? null : [$attempt->id, '', '', $assessment->id, $attempt->student_id, 'fully graded', $release->total, $release->released_at->toDateString(), $release->version > 1 ? "Version $release->version: $release->reason" : '', $assessment->student_group_id, $release->band];
    }
}
