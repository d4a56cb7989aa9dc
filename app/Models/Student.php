<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\KeyedByUuid;
use Illuminate\Database\Eloquent\Model;

/**
 * @property string      $id
 * @property string      $name
 * @property string      $student_group_id
 * @property string|null $user_id
 * @property float       $time_factor
 */
final class Student extends Model
{
    use KeyedByUuid;

    public $timestamps = false;

    protected $fillable = ['name', 'student_group_id', 'user_id', 'time_factor'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['time_factor' => 'float'];
    }
}
