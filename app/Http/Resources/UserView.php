<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Role;
use App\Models\User;
use App\People\PasswordRule;
use App\School\School;
use DeftBlade\Core\Vocabulary\Units;
use OpenApi\Attributes as OA;

/** Who is signed in. */
#[OA\Schema]
final readonly class UserView
{
    private function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property(type: 'string', enum: Role::class)]
        public Role $role,
        #[OA\Property(description: 'May take captures down.')]
        public bool $may_capture,
        #[OA\Property(description: 'May publish standards.')]
        public bool $may_publish,
        #[OA\Property(description: 'May release results.')]
        public bool $may_release,
        #[OA\Property(type: 'string', enum: Units::class, description: 'What the school weighs in when it speaks.')]
        public Units $units,
        #[OA\Property(description: 'IANA name of the time zone of the school.')]
        public string $time_zone,
        #[OA\Property]
        public bool $may_set_terms,
        #[OA\Property(description: 'May choose words, units, time zone and variants for the school.')]
        public bool $may_choose,
        #[OA\Property(description: 'May invite people, give roles and see what was changed by whom.')]
        public bool $may_manage_people,
        #[OA\Property(description: 'May keep the roster.')]
        public bool $may_enrol,
        #[OA\Property(description: 'Characters a password has at least.')]
        public int $least_password,
    ) {}

    public static function of(User $user, School $school): self
    {
        return new self($user->id, $user->name, $user->role, $user->role->mayCapture(), $user->role->mayPublish(), $user->role->mayRelease(), $school->settings->units, $school->settings->timeZone, $user->role->maySetTerms(), $user->role->mayChoose(), $user->role->mayManagePeople(), $user->role->mayEnrol(), PasswordRule::least());
    }
}
