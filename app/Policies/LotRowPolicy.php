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

    /** Deliveries, prices and wages. */
    public function price(User $user): bool
    {
        return $user->role->maySetTerms();
    }

    public function record(User $user): bool
    {
        return $user->role->mayCapture();
    }
}
