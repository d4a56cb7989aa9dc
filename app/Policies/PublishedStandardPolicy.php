<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\User;

final class PublishedStandardPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->role->isStaff();
    }

    public function publish(User $user): bool
    {
        return $user->role->mayPublish();
    }

    /** For the school: words, units, time zone, variants. */
    public function choose(User $user): bool
    {
        return $user->role->mayChoose();
    }

    public function view(User $user): bool
    {
        return $user->role->isStaff();
    }
}
