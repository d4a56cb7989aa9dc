<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\KeyedByUuid;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What happened at the school on a day (a new supplier, new knives): seen beside the classes of a year. Taken back, it is gone.
 *
 * @property string          $id      made by the screen
 * @property CarbonImmutable $on
 * @property string          $text
 * @property string          $user_id who wrote it
 * @property CarbonImmutable $at
 * @property User            $author
 */
final class DayNote extends StoredModel
{
    use KeyedByUuid;

    public $timestamps = false;

    protected $fillable = ['id', 'on', 'text', 'user_id', 'at'];

    /** @return BelongsTo<User, $this> */
    public function author(): BelongsTo
    {
        return $this->belongsTo(User::class, 'user_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['on' => 'immutable_date', 'at' => 'immutable_datetime'];
    }
}
