<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\User;

final class AssessmentPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->role->isStaff();
    }

    public function view(User $user): bool
    {
        return $user->role->isStaff();
    }

    public function arrange(User $user): bool
    {
        return $user->role->mayCapture();
    }

    /** Time allowance, resit, station, standard. */
    public function setTerms(User $user): bool
    {
        return $user->role->maySetTerms();
    }

    public function plan(User $user): bool
    {
        return $user->role->maySetTerms();
    }

    /** Seeing whom to mark twice and why, and asking for it. */
    public function moderate(User $user): bool
    {
        return $user->role->maySetTerms();
    }

    public function release(User $user): bool
    {
        return $user->role->mayRelease();
    }
}
