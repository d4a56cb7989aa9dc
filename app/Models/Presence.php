<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Which tray a device has open, as it last said.
 *
 * @property string          $assessment_id
 * @property string          $device
 * @property string          $user_id
 * @property string|null     $attempt_id
 * @property CarbonImmutable $seen_at
 * @property User            $user
 */
final class Presence extends StoredModel
{
    /** A device that has not said so for longer has left. */
    public const SECONDS = 25;

    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'device';

    protected $table = 'presences';

    protected $fillable = ['assessment_id', 'device', 'user_id', 'attempt_id', 'seen_at'];

    /** @return Builder<Presence> those who have a tray of a class open now */
    public static function in(Assessment $assessment): Builder
    {
        return self::query()->with('user')->where('assessment_id', $assessment->id)->whereNotNull('attempt_id')->where('seen_at', '>', CarbonImmutable::now()->subSeconds(self::SECONDS));
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['seen_at' => 'immutable_datetime'];
    }
}
