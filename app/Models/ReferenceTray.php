<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * That a practice tray was made the reference of a standard, or that there is none any more. The database refuses to change one.
 *
 * @property int             $seq
 * @property string          $standard_key
 * @property string|null     $tray         null where it was taken back
 * @property string          $user_id      whose tray it is
 * @property CarbonImmutable $at
 * @property User            $user
 */
final class ReferenceTray extends StoredModel
{
    public $timestamps = false;

    protected $primaryKey = 'seq';

    protected $fillable = ['standard_key', 'tray', 'user_id', 'at'];

    /** The one that holds; null where there is none. */
    public static function of(string $standardKey): ?self
    {
        $latest = self::query()->where('standard_key', $standardKey)->latest('seq')->first();

        return $latest?->tray === null ? null : $latest;
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['seq' => 'int', 'at' => 'immutable_datetime'];
    }
}
