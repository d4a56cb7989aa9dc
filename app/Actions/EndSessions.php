<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Signs a person out wherever they are signed in: sessions, tokens of scripts, remembered devices. */
final readonly class EndSessions
{
    /** @param string|null $except the session that stays */
    public function of(User $person, ?string $except = null): void
    {
        DB::table('sessions')->where('user_id', $person->id)->when($except !== null, static fn($sessions) => $sessions->where('id', '<>', $except))->delete();
        $person->tokens()->delete();
        $person->forceFill(['remember_token' => Str::random(60)])->save();
    }
}
