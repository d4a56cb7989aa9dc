<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\KeyedByUuid;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What a group is to practise by a day.
 *
 * @property string            $id                    made by the screen
 * @property string            $student_group_id
 * @property string            $published_standard_id
 * @property Drill             $kind
 * @property CarbonImmutable   $until                 the last day
 * @property string            $note                  what is said with it; nothing where it is empty
 * @property string            $user_id               who set it
 * @property CarbonImmutable   $at
 * @property PublishedStandard $standard
 */
final class Homework extends StoredModel
{
    use KeyedByUuid;

    public $timestamps = false;

    protected $table = 'homework';

    protected $fillable = ['id', 'student_group_id', 'published_standard_id', 'kind', 'until', 'note', 'user_id', 'at'];

    /** @return BelongsTo<PublishedStandard, $this> */
    public function standard(): BelongsTo
    {
        return $this->belongsTo(PublishedStandard::class, 'published_standard_id');
    }

    /** @param list<PracticeFact> $facts of one person */
    public function isDoneBy(array $facts): bool
    {
        return $this->kind->isDone(array_values(array_filter($facts, fn(PracticeFact $it): bool => $it->standard_key === $this->standard->key && $it->at >= $this->at)));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => Drill::class, 'until' => 'immutable_date', 'at' => 'immutable_datetime'];
    }
}
