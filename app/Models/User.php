<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\KeyedByUuid;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Laravel\Sanctum\HasApiTokens;

/**
 * @property string       $id
 * @property string       $name
 * @property string       $email
 * @property Role         $role
 * @property Student|null $student
 */
final class User extends Authenticatable
{
    use HasApiTokens;
    use KeyedByUuid;

    protected $fillable = ['name', 'email', 'password', 'role'];

    protected $hidden = ['password', 'remember_token'];

    /** @return HasOne<Student, $this> */
    public function student(): HasOne
    {
        return $this->hasOne(Student::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['role' => Role::class, 'password' => 'hashed'];
    }
}
