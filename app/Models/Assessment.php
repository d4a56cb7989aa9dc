<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasManyThrough;

/**
 * One practical of one group, held against one version of a standard and of a policy.
 *
 * @property string                                                 $id
 * @property string                                                 $title
 * @property string                                                 $room
 * @property CarbonImmutable                                        $held_on
 * @property \stdClass|null                                         $waves    by_station, gap_ms
 * @property StudentGroup                                           $group
 * @property PublishedStandard                                      $standard
 * @property \stdClass                                              $document the standard as it is held here: its version under the variants of practice of that day
 * @property PublishedPolicy                                        $policy
 * @property \Illuminate\Database\Eloquent\Collection<int, Attempt> $attempts
 */
final class Assessment extends Model
{
    use HasUuids;

    public $timestamps = false;

    protected $fillable = ['title', 'room', 'held_on', 'student_group_id', 'published_standard_id', 'published_policy_id', 'document', 'waves'];

    /** The seq of the last capture of the class; 0 where there is none. */
    public function latestSeq(): int
    {
        $seq = $this->captures()->reorder()->max('captures.seq');

        return is_int($seq) ? $seq : 0;
    }

    /** Which wave a station starts with. */
    public function waveOf(int $station): int
    {
        $wave = $this->waves->by_station->{$station} ?? 1;

        return is_int($wave) ? $wave : 1;
    }

    public function waveGapMs(): int
    {
        $gap = $this->waves->gap_ms ?? 0;

        return is_int($gap) ? $gap : 0;
    }

    /** @return BelongsTo<StudentGroup, $this> */
    public function group(): BelongsTo
    {
        return $this->belongsTo(StudentGroup::class, 'student_group_id');
    }

    /** @return BelongsTo<PublishedStandard, $this> */
    public function standard(): BelongsTo
    {
        return $this->belongsTo(PublishedStandard::class, 'published_standard_id');
    }

    /** @return BelongsTo<PublishedPolicy, $this> */
    public function policy(): BelongsTo
    {
        return $this->belongsTo(PublishedPolicy::class, 'published_policy_id');
    }

    /** @return HasMany<Attempt, $this> */
    public function attempts(): HasMany
    {
        return $this->hasMany(Attempt::class)->orderBy('station');
    }

    /** @return HasManyThrough<Capture, Attempt, $this> */
    public function captures(): HasManyThrough
    {
        return $this->hasManyThrough(Capture::class, Attempt::class)->orderBy('captures.seq');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['held_on' => 'immutable_date', 'document' => 'object', 'waves' => 'object'];
    }
}
