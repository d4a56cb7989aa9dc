<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * One student's try. Everything that happens to it is a capture.
 *
 * @property string                                                 $id
 * @property string                                                 $assessment_id
 * @property string                                                 $student_id
 * @property int                                                    $station
 * @property bool                                                   $resit
 * @property float                                                  $time_factor
 * @property Student                                                $student
 * @property Assessment                                             $assessment
 * @property Release|null                                           $release
 * @property \Illuminate\Database\Eloquent\Collection<int, Capture> $captures
 */
final class Attempt extends Model
{
    use HasUuids;

    public $timestamps = false;

    protected $fillable = ['assessment_id', 'student_id', 'station', 'resit', 'time_factor'];

    /** @return BelongsTo<Student, $this> */
    public function student(): BelongsTo
    {
        return $this->belongsTo(Student::class);
    }

    /** @return BelongsTo<Assessment, $this> */
    public function assessment(): BelongsTo
    {
        return $this->belongsTo(Assessment::class);
    }

    /** @return HasMany<Capture, $this> */
    public function captures(): HasMany
    {
        return $this->hasMany(Capture::class)->orderBy('seq');
    }

    /** @return HasOne<Release, $this> */
    public function release(): HasOne
    {
        return $this->hasOne(Release::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['resit' => 'bool', 'time_factor' => 'float', 'station' => 'int'];
    }
}
