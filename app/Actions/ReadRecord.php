<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Attempt;
use App\Models\Student;
use App\Models\User;
use Carbon\CarbonImmutable;

/** The released results of one student over some days, as they were released last. */
final readonly class ReadRecord
{
    /** @return list<Attempt> the earliest first, with release and practical; without those hidden from who asks */
    public function of(Student $student, CarbonImmutable $from, CarbonImmutable $to, User $user): array
    {
        $attempts = Attempt::query()->with('release', 'assessment.held.standard')->where('student_id', $student->id)->whereHas('release')
            ->whereHas('assessment', static fn($class) => $class->whereBetween('held_on', [$from->toDateString(), $to->toDateString()]))->get();
        $seen = $attempts->reject(static fn(Attempt $it): bool => $it->isBlindTo($user));

        return array_values($seen->sortBy(static fn(Attempt $it): string => $it->assessment->held_on->toDateString().$it->id)->all());
    }
}
