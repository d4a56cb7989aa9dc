<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Signs a person out wherever they are signed in: sessions, tokens of scripts, remembered devices. */
final readonly class EndSessions
{
    /** @param string|null $except the session that stays */
    public function of(User $person, ?string $except = null): void
    {
        $sessions = DB::table('sessions')->where('user_id', $person->id)->when($except !== null, static fn($sessions) => $sessions->where('id', '<>', $except));
        // A request on its way may write its session back: that it was ended is kept (App\Sessions).
        DB::table('ended_sessions')->insertOrIgnore($sessions->pluck('id')->map(static fn(mixed $id): array => ['id' => $id, 'ended_at' => CarbonImmutable::now()])->all());
        $sessions->delete();
        $person->tokens()->delete();
        $person->forceFill(['remember_token' => Str::random(60)])->save();
    }
}
