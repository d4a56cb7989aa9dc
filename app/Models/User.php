<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use App\Models\Concerns\KeyedByUuid;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Notifications\Notifiable;
use Laravel\Sanctum\HasApiTokens;

/**
 * @property string                                                    $id
 * @property string                                                    $name
 * @property string                                                    $email
 * @property string|null                                               $password    null until it is set with a code
 * @property Role                                                      $role
 * @property bool                                                      $in_training what they mark is marked a second time
 * @property \Carbon\CarbonImmutable|null                              $left_at
 * @property Student|null                                              $student
 * @property \Illuminate\Database\Eloquent\Collection<int, AccessCode> $openCodes
 */
final class User extends Authenticatable
{
    use BootsByName;
    use HasApiTokens;
    use KeyedByUuid;
    use Notifiable;

    protected $table = 'users';

    protected $fillable = ['name', 'email', 'password', 'role', 'left_at', 'in_training'];

    protected $hidden = ['password', 'remember_token'];

    /** @return HasOne<Student, $this> */
    public function student(): HasOne
    {
        return $this->hasOne(Student::class);
    }

    /** @return HasMany<AccessCode, $this> those that still open something */
    public function openCodes(): HasMany
    {
        return $this->hasMany(AccessCode::class)->whereNull('used_at')->where('expires_at', '>', now());
    }

    /**
     * @param list<string> $ids
     *
     * @return array<string, string> names by id
     */
    public static function namesOf(array $ids): array
    {
        return $ids === [] ? [] : self::query()->findMany($ids)->mapWithKeys(static fn(self $it): array => [$it->id => $it->name])->all();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['role' => Role::class, 'password' => 'hashed', 'left_at' => 'immutable_datetime', 'in_training' => 'bool'];
    }
}
