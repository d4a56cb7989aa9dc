<?php

declare(strict_types=1);

namespace App\Brief;

use App\School\School;
use DeftBlade\Core\Grading\Status;
use Illuminate\Support\Facades\DB;

/** A student who was down for an earlier practical, of whom nothing was received or weighed there, and who has not made up for it since. */
final readonly class MissedTry
{
    /** How far back one looks. */
    private const DAYS = 90;

    private const MOST = 60;

    /** One a student and standard, the latest: the standard is made up for by a later try at any version of it. */
    private const QUERY = <<<'SQL'
        WITH tries AS (
            SELECT a.student_id, r.status, s.title, s.held_on, p.key
            FROM results r
            JOIN attempts a ON a.id = r.attempt_id
            JOIN assessments s ON s.id = a.assessment_id
            JOIN LATERAL (SELECT published_standard_id FROM held_documents WHERE assessment_id = s.id ORDER BY seq DESC LIMIT 1) h ON true
            JOIN published_standards p ON p.id = h.published_standard_id
            WHERE s.held_on BETWEEN :from AND :to AND NOT s.is_rehearsal AND s.cancelled IS NULL
        )
        SELECT * FROM (
            SELECT DISTINCT ON (missed.student_id, missed.key) missed.student_id, students.name, missed.title, missed.held_on
            FROM tries missed
            JOIN students ON students.id = missed.student_id AND students.left_at IS NULL
            WHERE missed.status = :void AND missed.held_on < :today
              AND NOT EXISTS (SELECT 1 FROM tries later WHERE later.student_id = missed.student_id AND later.key = missed.key AND later.status <> :nothing AND later.held_on >= missed.held_on)
            ORDER BY missed.student_id, missed.key, missed.held_on DESC
        ) found
        ORDER BY held_on DESC, name LIMIT :most
        SQL;

    /** @param string $heldOn YYYY-MM-DD */
    private function __construct(public string $student, public string $name, public string $practical, public string $heldOn) {}

    /** @return list<self> the latest first */
    public static function all(School $school): array
    {
        $today = $school->today();
        $found = DB::select(self::QUERY, ['from' => $today->subDays(self::DAYS)->toDateString(), 'to' => $today->toDateString(), 'today' => $today->toDateString(), 'void' => Status::Void->value, 'nothing' => Status::Void->value, 'most' => self::MOST]);
        $text = static fn(mixed $value): string => is_string($value) ? $value : throw new \UnexpectedValueException('a row without its text');

        return array_values(array_map(static fn(mixed $row): self => new self($text(data_get($row, 'student_id')), $text(data_get($row, 'name')), $text(data_get($row, 'title')), $text(data_get($row, 'held_on'))), $found));
    }
}
