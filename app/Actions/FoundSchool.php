<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\AuditEntry;
use App\Models\Role;
use App\Models\SchoolSetting;
use App\Models\User;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Support\Facades\DB;

/** Makes the first coordinator and the school's first settings; only while there is nobody. */
final readonly class FoundSchool
{
    public function __construct(private ChooseForSchool $choosing) {}

    /**
     * @param \stdClass $settings name, time_zone, currency, units, words, as in a change of the school's settings
     *
     * @throws Conflict                            where there is somebody already
     * @throws \DeftBlade\Core\Json\InvalidPackage where a setting is not one there is
     */
    public function found(string $name, string $email, string $password, \stdClass $settings): User
    {
        return DB::transaction(function () use ($name, $email, $password, $settings): User {
            DB::statement("SELECT pg_advisory_xact_lock(hashtext('the first coordinator'))");
            if (User::query()->exists()) {
                throw Conflict::alreadyFounded();
            }
            $first = User::query()->create(['name' => $name, 'email' => mb_strtolower($email), 'password' => $password, 'role' => Role::Coordinator]);
            $this->choosing->choose(Node::of($settings, 'school'), SchoolSetting::latestChoice()->seq ?? 0, $first);
            AuditEntry::keep($first, Message::of(MessageCode::AuditFounded, ['person' => $name]));

            return $first;
        });
    }
}
