<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A step of an appeal: who is to look at it, or what became of a line. The database refuses to change one.
 *
 * @property string          $id        made by the screen
 * @property string          $appeal_id
 * @property string          $kind      assigned, decided
 * @property \stdClass       $payload   person; or line, outcome, reason
 * @property string          $by
 * @property CarbonImmutable $at
 * @property User            $author
 */
final class AppealEntry extends StoredModel
{
    public const ASSIGNED = 'assigned';

    public const DECIDED = 'decided';

    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $fillable = ['id', 'appeal_id', 'kind', 'payload', 'by', 'at'];

    /** @return BelongsTo<User, $this> */
    public function author(): BelongsTo
    {
        return $this->belongsTo(User::class, 'by');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['payload' => 'object', 'at' => 'immutable_datetime'];
    }
}
