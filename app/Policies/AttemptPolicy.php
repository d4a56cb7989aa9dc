<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Attempt;
use App\Models\User;

final class AttemptPolicy
{
    /** The tray as it stands, with its log. */
    public function view(User $user): bool
    {
        return $user->role->isStaff();
    }

    public function capture(User $user): bool
    {
        return $user->role->mayCapture();
    }

    /** Time allowance, resit, station, standard. */
    public function setTerms(User $user): bool
    {
        return $user->role->maySetTerms();
    }

    /** Asking somebody else for a second look, and calling it off. */
    public function askSecondLook(User $user): bool
    {
        return $user->role->maySetTerms();
    }

    /** What is written before their own practical; nobody writes it for them. */
    public function handIn(User $user, Attempt $attempt): bool
    {
        return $attempt->student->user_id === $user->id;
    }

    /** Their own result. */
    public function appeal(User $user, Attempt $attempt): bool
    {
        return $attempt->student->user_id === $user->id;
    }

    public function assignAppeal(User $user): bool
    {
        return $user->role->mayRelease();
    }

    /** The sealed copy: staff, or the student whose own it is, and only once it is released. */
    public function viewReleased(User $user, Attempt $attempt): bool
    {
        return $user->role->isStaff() || $attempt->student->user_id === $user->id;
    }
}
