<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

final class UserPolicy
{
    /** Everybody who works here. */
    public function manage(User $user): bool
    {
        return $user->role->mayManagePeople();
    }

    /** One of them; students are changed on the roster. */
    public function change(User $user, User $person): bool
    {
        return $user->role->mayManagePeople() && $person->role !== Role::Student;
    }
}
