<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Attempt;
use App\Models\StandardisingSet;
use App\Models\User;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Capture\Noted;
use DeftBlade\Core\Capture\Photographed;
use DeftBlade\Core\Grading\AttemptResult;
use Illuminate\Support\Facades\DB;

/** Makes a set of released trays of one practical with everything that says whose they are taken away: names, station, totals, bands, levels. */
final readonly class MakeStandardisingSet
{
    public const LEAST = 3;

    public const MOST = 6;

    /** A shorter word of a name is no name by itself. */
    private const SHORTEST_NAME = 3;

    public function __construct(private GradeClass $grading) {}

    /**
     * @param list<string> $attempts ids
     *
     * @throws Conflict where they are not released trays of one practical, or the id is taken
     */
    public function make(string $id, string $title, array $attempts, User $by): StandardisingSet
    {
        return DB::transaction(function () use ($id, $title, $attempts, $by): StandardisingSet {
            DB::statement('SELECT pg_advisory_xact_lock(hashtext(?))', ["standardising $id"]);
            $earlier = StandardisingSet::query()->find($id);
            if ($earlier !== null) {
                return $earlier->title === $title && $earlier->attempts === $attempts && $earlier->made_by === $by->id ? $earlier : throw Conflict::entryIdTaken($id);
            }
            $found = Attempt::query()->with('student', 'captures', 'assessment')->whereHas('release')->findMany($attempts);
            if ($found->count() !== count($attempts) || $found->unique('assessment_id')->count() !== 1) {
                throw Conflict::notOneClass();
            }
            $chosen = array_map(static fn(string $it): Attempt => $found->findOrFail($it), $attempts);
            $class = $this->grading->grade($chosen[0]->assessment, $chosen);
            $trays = array_map(static fn(int $index, Attempt $it): \stdClass => self::tray(chr(ord('A') + $index), $it, $class), array_keys($chosen), $chosen);

            return StandardisingSet::query()->create(['id' => $id, 'title' => $title, 'attempts' => $attempts, 'document' => (object) ['standard' => $class->document, 'trays' => $trays], 'made_by' => $by->id, 'made_at' => CarbonImmutable::now()]);
        });
    }

    private static function tray(string $label, Attempt $attempt, GradedClass $class): \stdClass
    {
        $result = $class->of($attempt->id);
        $document = $class->document($attempt->id);

        return (object) [
            'label' => $label,
            'result' => (object) (['id' => $label, 'student' => $label, 'status' => 'provisional', 'total' => null, 'band' => null, 'caps' => [], 'components' => [], 'borderline' => [], 'reasons' => [], 'remarks' => []] + (array) $document),
            'photos' => array_map(static fn(Photographed $it): string => $it->sha256, $result->attempt->log->floor->photos),
            'faults' => self::faults($result, $class),
            'notes' => array_values(self::unnamed(array_map(static fn(Noted $it): string => $it->text, $result->attempt->log->history->holding(Noted::class)), $attempt->student->name)),
            'answers' => (object) self::unnamed($result->attempt->log->answers(), $attempt->student->name),
        ];
    }

    /** @return list<string> */
    private static function faults(AttemptResult $result, GradedClass $class): array
    {
        $said = [];
        foreach ($result->attempt->log->judged->faults as $fault => $count) {
            $said[] = ($class->standard->faults[$fault]->title ?? $fault).($count > 1 ? " × $count" : '');
        }

        return $said;
    }

    /**
     * @template K of array-key
     *
     * @param array<K, string> $texts
     *
     * @return array<K, string> those that do not name the student
     */
    private static function unnamed(array $texts, string $student): array
    {
        $names = array_filter(preg_split('/[\s-]+/u', mb_strtolower($student)) ?: [], static fn(string $it): bool => mb_strlen($it) >= self::SHORTEST_NAME);

        return array_filter($texts, static fn(string $it): bool => array_filter($names, static fn(string $name): bool => str_contains(mb_strtolower($it), $name)) === []);
    }
}
