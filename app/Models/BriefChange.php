<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What became of a practical after it was set: it was put off to another day, or cancelled.
 *
 * @property int                  $seq
 * @property string               $user_id
 * @property User                 $user
 * @property CarbonImmutable      $at
 * @property string               $reason
 * @property CarbonImmutable|null $day       it is on now; null where it was cancelled
 * @property string|null          $start     HH:MM at the school
 * @property CarbonImmutable|null $was_day
 * @property string|null          $was_start
 */
final class BriefChange extends StoredModel
{
    public $timestamps = false;

    protected $primaryKey = 'seq';

    protected $fillable = ['brief_id', 'user_id', 'at', 'reason', 'day', 'start', 'was_day', 'was_start'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'immutable_datetime', 'day' => 'immutable_date', 'was_day' => 'immutable_date'];
    }
}
