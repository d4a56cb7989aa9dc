<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\KeyedByUuid;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A code that is good once, for its person to set a password. Only its digest is kept.
 *
 * @property string               $id
 * @property string               $user_id
 * @property User                 $user
 * @property CarbonImmutable      $expires_at
 * @property CarbonImmutable|null $used_at
 */
final class AccessCode extends StoredModel
{
    use KeyedByUuid;

    public $timestamps = false;

    protected $fillable = ['user_id', 'sha256', 'made_by', 'made_at', 'expires_at', 'used_at'];

    /** @return Builder<AccessCode> those that still open something */
    public static function open(): Builder
    {
        return self::query()->whereNull('used_at')->where('expires_at', '>', CarbonImmutable::now())->whereRelation('user', 'left_at', null);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['made_at' => 'immutable_datetime', 'expires_at' => 'immutable_datetime', 'used_at' => 'immutable_datetime'];
    }
}
