<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\KeyedByUuid;
use DeftBlade\Core\Grading\Status;
use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * One student's try. Everything that happens to it, and every term it is made under, is a capture.
 *
 * @property string                   $id
 * @property string                   $assessment_id
 * @property string                   $student_id
 * @property int                      $station
 * @property Student                  $student
 * @property Assessment               $assessment
 * @property ResultRow                $row           how it stands
 * @property Release|null             $release       the latest version
 * @property Collection<int, Release> $releases      first issue first
 * @property Collection<int, Capture> $captures
 */
final class Attempt extends StoredModel
{
    use KeyedByUuid;

    public $timestamps = false;

    protected $table = 'attempts';

    protected $fillable = ['assessment_id', 'student_id'];

    protected $with = ['row'];

    /** @return Collection<int, self> of a class, with their captures: those whose result is done, and which nobody marks a second time just now */
    public static function doneOf(Assessment $assessment): Collection
    {
        return self::query()->with('captures')->where('assessment_id', $assessment->id)->get()
            ->filter(static fn(self $it): bool => $it->row->status === Status::Final && $it->row->second_open === []);
    }

    /** They are asked to mark it a second time and have not finished. */
    public function isBlindTo(User $user): bool
    {
        return in_array($user->id, $this->row->second_open, true);
    }

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

    /** @return HasOne<ResultRow, $this> */
    public function row(): HasOne
    {
        return $this->hasOne(ResultRow::class);
    }

    /** @return HasMany<Capture, $this> */
    public function captures(): HasMany
    {
        return $this->hasMany(Capture::class)->orderBy('seq');
    }

    /** @return HasOne<Release, $this> */
    public function release(): HasOne
    {
        return $this->hasOne(Release::class)->latest('version');
    }

    /** @return HasMany<Release, $this> */
    public function releases(): HasMany
    {
        return $this->hasMany(Release::class)->orderBy('version');
    }

    /** @return Attribute<int, never> */
    protected function station(): Attribute
    {
        return Attribute::get(fn(): int => $this->row->station);
    }
}
