<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Role;
use App\Models\Student;
use App\Models\StudentGroup;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Makes an account and a one-time code for every student of a group who has no password yet. */
final readonly class IssueGroupCodes
{
    public function __construct(private IssueCode $issuing) {}

    /** @return list<IssuedCode> by name; none for students who sign in already */
    public function issue(StudentGroup $group, User $by): array
    {
        $students = $group->students()->with('user')->orderBy('name')->get();
        $waiting = $students->filter(static fn(Student $it): bool => $it->user === null || $it->user->password === null);

        return array_values($waiting->map(fn(Student $it): IssuedCode => $this->issuing->issue($it->user ?? self::account($it), $by))->all());
    }

    private static function account(Student $student): User
    {
        return DB::transaction(static function () use ($student): User {
            DB::statement("SELECT pg_advisory_xact_lock(hashtext('student accounts'))");
            $account = User::query()->create(['name' => $student->name, 'email' => self::signInName($student), 'role' => Role::Student]);
            $student->update(['user_id' => $account->id]);

            return $account;
        });
    }

    /** The e-mail, else the number, else the name with as many figures as tell it apart. */
    private static function signInName(Student $student): string
    {
        $wanted = mb_strtolower($student->email ?? $student->number ?? Str::slug($student->name, '.'));
        for ($name = $wanted, $next = 2; User::query()->where('email', $name)->exists(); $next++) {
            $name = "$wanted.$next";
        }

        return $name;
    }
}
