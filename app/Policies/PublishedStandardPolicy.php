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

    /** What it says, and questions about it, for anybody at the school. */
    public function practise(): bool
    {
        return true;
    }

    /** Its method card to a class. */
    public function call(User $user): bool
    {
        return $user->role->mayCapture();
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
