<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\User;

final class StudentPolicy
{
    /** Groups, students, and what they work under. */
    public function enrol(User $user): bool
    {
        return $user->role->mayEnrol();
    }
}
