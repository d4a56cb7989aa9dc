<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\KeyedByUuid;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\DB;

/**
 * @property string               $id
 * @property string               $name
 * @property string               $course
 * @property string               $term           '' where the school names none
 * @property CarbonImmutable|null $starts_on
 * @property CarbonImmutable|null $ends_on
 * @property int                  $students_count where it was counted
 */
final class StudentGroup extends StoredModel
{
    use KeyedByUuid;

    public $timestamps = false;

    protected $fillable = ['name', 'course', 'term', 'starts_on', 'ends_on'];

    protected $attributes = ['term' => ''];

    /** Within a transaction: nobody else writes the roster until the end. */
    public static function lockRoster(): void
    {
        DB::statement("SELECT pg_advisory_xact_lock(hashtext('roster'))");
    }

    /** "Larder 2, Sandpiper, autumn" */
    public function fullName(): string
    {
        return implode(', ', array_filter([$this->course, $this->name, $this->term]));
    }

    /** @return HasMany<Student, $this> those who are in it now */
    public function students(): HasMany
    {
        return $this->hasMany(Student::class)->whereNull('left_at');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['starts_on' => 'immutable_date', 'ends_on' => 'immutable_date'];
    }
}
