<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\KeyedByUuid;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property string $id
 * @property string $name
 * @property string $course
 */
final class StudentGroup extends Model
{
    use KeyedByUuid;

    public $timestamps = false;

    protected $fillable = ['name', 'course'];

    /** @return HasMany<Student, $this> */
    public function students(): HasMany
    {
        return $this->hasMany(Student::class);
    }
}
