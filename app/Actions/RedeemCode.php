<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\AccessCode;
use App\Models\AuditEntry;
use App\Models\User;
use App\People\CodeText;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Support\Facades\DB;

/** Sets a password with a one-time code; whoever was signed in under the old one is signed out. */
final readonly class RedeemCode
{
    public function __construct(private EndSessions $ending) {}

    /** Whose code this is; null where it opens nothing. */
    public function personOf(string $typed): ?User
    {
        return $this->find($typed)?->user;
    }

    /** @return User|null null where the code opens nothing: unknown, used, too old, or its person has left */
    public function redeem(string $typed, string $password): ?User
    {
        return DB::transaction(function () use ($typed, $password): ?User {
            $code = $this->find($typed);
            // Of two that come at once, one finds it used.
            if ($code === null || AccessCode::query()->whereKey($code->id)->whereNull('used_at')->update(['used_at' => CarbonImmutable::now()]) === 0) {
                return null;
            }
            $code->user->update(['password' => $password]);
            $this->ending->of($code->user);
            AuditEntry::keep($code->user, Message::of(MessageCode::AuditPasswordSet, ['person' => $code->user->name]));

            return $code->user;
        });
    }

    private function find(string $typed): ?AccessCode
    {
        $text = CodeText::typed($typed);

        return $text === null ? null : AccessCode::open()->with('user')->where('sha256', $text->digest())->first();
    }
}
