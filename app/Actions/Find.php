<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\PublishedStandard;
use App\Models\Student;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** Practicals, students and standards by a part of their names; every word must be there, in any order. */
final readonly class Find
{
    private const OF_A_KIND = 6;

    /** @param list<string> $words */
    private function __construct(private array $words) {}

    public static function of(string $text): self
    {
        return new self(array_values(array_filter(preg_split('/\s+/u', trim($text)) ?: [], static fn(string $it): bool => $it !== '')));
    }

    /** @return Collection<int, Assessment> the latest first, with their group */
    public function practicals(): Collection
    {
        $said = "assessments.title || ' ' || assessments.room || ' ' || student_groups.name || ' ' || assessments.held_on::text";
        $found = Assessment::query()->join('student_groups', 'student_groups.id', '=', 'student_group_id')->select('assessments.*')->with('group');
        foreach ($this->words as $word) {
            $found->whereRaw("$said ILIKE ?", [self::anywhere($word)]);
        }

        return $found->latest('held_on')->orderBy('assessments.id')->limit(self::OF_A_KIND)->get()->toBase();
    }

    /** @return Collection<int, Attempt> the latest of each student who has one, by name, with student and practical */
    public function students(): Collection
    {
        $found = Student::query();
        foreach ($this->words as $word) {
            $found->whereRaw("name || ' ' || COALESCE(number, '') ILIKE ?", [self::anywhere($word)]);
        }
        $students = $found->whereExists(DB::table('attempts')->whereColumn('student_id', 'students.id'))->orderBy('name')->limit(self::OF_A_KIND)->pluck('id');
        $latest = Attempt::query()->with('student', 'assessment')->join('assessments', 'assessments.id', '=', 'assessment_id')->whereIn('student_id', $students)
            ->select('attempts.*')->distinct('student_id')->orderBy('student_id')->orderByDesc('held_on')->get();

        return $latest->sortBy(static fn(Attempt $it): string => $it->student->name)->values()->toBase();
    }

    /** @return Collection<int, PublishedStandard> the latest version of each, by title */
    public function standards(): Collection
    {
        $found = PublishedStandard::query()->whereIn('id', PublishedStandard::query()->select('id')->distinct('key')->orderBy('key')->orderByDesc('version'));
        foreach ($this->words as $word) {
            $found->whereRaw("title || ' ' || species ILIKE ?", [self::anywhere($word)]);
        }

        return $found->orderBy('title')->limit(self::OF_A_KIND)->get()->toBase();
    }

    private static function anywhere(string $word): string
    {
        return '%'.addcslashes($word, '%_\\').'%';
    }
}
