<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\KeyedByUuid;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Something said while a method card is called. The database refuses to change one.
 *
 * @property int             $seq
 * @property string          $id             made by the screen
 * @property string          $called_card_id
 * @property CalledKind      $kind
 * @property int|null        $step           counted from 0; −1 before the first
 * @property string          $user_id
 * @property CarbonImmutable $at
 * @property User            $user
 */
final class CalledEntry extends StoredModel
{
    use KeyedByUuid;

    public $timestamps = false;

    protected $fillable = ['id', 'called_card_id', 'kind', 'step', 'user_id', 'at'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => CalledKind::class, 'step' => 'int', 'seq' => 'int', 'at' => 'immutable_datetime'];
    }
}
