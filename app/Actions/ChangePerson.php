<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\AuditEntry;
use App\Models\Role;
use App\Models\User;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Support\Facades\DB;

/** Changes what a person is called or may do, and lets them leave and come back; facts keep their author. */
final readonly class ChangePerson
{
    public function __construct(private EndSessions $ending) {}

    public function rename(User $person, string $name, User $by): void
    {
        $this->change($person, 'name', $person->name, $name, $by);
    }

    /** @throws Conflict where somebody else has this address */
    public function readdress(User $person, string $email, User $by): void
    {
        $email = mb_strtolower($email);
        if (User::query()->where('email', $email)->whereKeyNot($person->id)->exists()) {
            throw Conflict::addressTaken($email);
        }
        $this->change($person, 'email', $person->email, $email, $by);
    }

    /** @throws Conflict where it would leave the school without a coordinator */
    public function giveRole(User $person, Role $role, User $by): void
    {
        DB::transaction(function () use ($person, $role, $by): void {
            if ($role !== Role::Coordinator) {
                $this->refuseLastCoordinator($person);
            }
            $this->change($person, 'role', $person->role->value, $role->value, $by);
        });
    }

    /** What an assessor in training marks is marked a second time. */
    public function train(User $person, bool $inTraining, User $by): void
    {
        if ($person->in_training === $inTraining) {
            return;
        }
        DB::transaction(static function () use ($person, $inTraining, $by): void {
            $said = static fn(bool $it): string => $it ? 'yes' : 'no';
            AuditEntry::keep($by, Message::of(MessageCode::AuditPersonChanged, ['person' => $person->name, 'what' => 'training', 'was' => $said($person->in_training), 'is' => $said($inTraining)]));
            $person->update(['in_training' => $inTraining]);
        });
    }

    /** @throws Conflict where it would leave the school without a coordinator */
    public function leave(User $person, User $by): void
    {
        DB::transaction(function () use ($person, $by): void {
            if ($person->left_at !== null) {
                return;
            }
            $this->refuseLastCoordinator($person);
            $person->update(['left_at' => CarbonImmutable::now()]);
            $this->ending->of($person);
            AuditEntry::keep($by, Message::of(MessageCode::AuditPersonLeft, ['person' => $person->name]));
        });
    }

    public function comeBack(User $person, User $by): void
    {
        if ($person->left_at === null) {
            return;
        }
        DB::transaction(static function () use ($person, $by): void {
            $person->update(['left_at' => null]);
            AuditEntry::keep($by, Message::of(MessageCode::AuditPersonBack, ['person' => $person->name]));
        });
    }

    private function change(User $person, string $what, string $was, string $is, User $by): void
    {
        if ($was === $is) {
            return;
        }
        DB::transaction(static function () use ($person, $what, $was, $is, $by): void {
            AuditEntry::keep($by, Message::of(MessageCode::AuditPersonChanged, ['person' => $person->name, 'what' => $what, 'was' => $was, 'is' => $is]));
            $person->update([$what => $is]);
        });
    }

    /** Somebody who was invited and never came is no coordinator yet. */
    private function refuseLastCoordinator(User $person): void
    {
        DB::statement("SELECT pg_advisory_xact_lock(hashtext('coordinators'))");
        $isOne = $person->role === Role::Coordinator && $person->left_at === null;
        if ($isOne && User::query()->where('role', Role::Coordinator)->whereNull('left_at')->whereNotNull('password')->whereKeyNot($person->id)->doesntExist()) {
            throw Conflict::lastCoordinator($person->name);
        }
    }
}
