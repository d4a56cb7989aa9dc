<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\KeyedByUuid;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A link by which a calendar reads practicals without signing in. Only the digest of its token is kept.
 *
 * @property string          $id
 * @property string          $user_id
 * @property User            $user    whose it is; it reads nothing once they have left
 * @property string|null     $room    the room whose practicals it reads; null for those of its person
 * @property CarbonImmutable $made_at
 */
final class CalendarLink extends StoredModel
{
    use KeyedByUuid;

    public $timestamps = false;

    protected $fillable = ['user_id', 'room', 'sha256', 'made_at'];

    public static function of(string $token): ?self
    {
        return self::query()->with('user.student')->where('sha256', hash('sha256', $token))->whereRelation('user', 'left_at', null)->first();
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['made_at' => 'immutable_datetime'];
    }
}
