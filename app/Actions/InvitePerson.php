<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\AuditEntry;
use App\Models\Role;
use App\Models\User;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Support\Facades\DB;

/** Makes an account without a password, and the code with which its person sets one. */
final readonly class InvitePerson
{
    public function __construct(private IssueCode $issuing) {}

    /** @throws Conflict where somebody has this address already */
    public function invite(string $name, string $email, Role $role, User $by): IssuedCode
    {
        $email = mb_strtolower($email);
        $person = DB::transaction(static function () use ($name, $email, $role, $by): User {
            DB::statement('SELECT pg_advisory_xact_lock(hashtext(?))', ["person $email"]);
            if (User::query()->where('email', $email)->exists()) {
                throw Conflict::addressTaken($email);
            }
            AuditEntry::keep($by, Message::of(MessageCode::AuditPersonInvited, ['person' => $name, 'role' => $role->value]));

            return User::query()->create(['name' => $name, 'email' => $email, 'role' => $role]);
        });

        return $this->issuing->issue($person, $by);
    }
}
