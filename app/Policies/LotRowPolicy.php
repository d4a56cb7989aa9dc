<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\User;

/** Lots, their facts and their labels. */
final class LotRowPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->role->isStaff();
    }

    public function record(User $user): bool
    {
        return $user->role->mayCapture();
    }
}
