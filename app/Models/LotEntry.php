<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\UtcInstant;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A fact about a lot, as its device sent it. The database refuses to change or delete one.
 *
 * @property int                $seq       order of acceptance; the cursor of the ledger
 * @property string             $id        made by the device (UUIDv7)
 * @property string             $family_id the put-away fact that its lot comes from
 * @property string             $kind
 * @property \DateTimeImmutable $at
 * @property \DateTimeImmutable $said_at   by the device's clock
 * @property \stdClass          $payload   what this kind says
 * @property string             $user_id
 * @property string             $device
 * @property User               $user
 */
final class LotEntry extends StoredModel
{
    public $timestamps = false;

    public $incrementing = false;

    protected $table = 'lot_facts';

    protected $primaryKey = 'id';

    protected $keyType = 'string';

    protected $fillable = ['id', 'family_id', 'kind', 'at', 'said_at', 'payload', 'user_id', 'device', 'offset_ms', 'received_at'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** As it stands in the open format. */
    public function document(): \stdClass
    {
        return (object) (['id' => $this->id, 'at' => $this->at->format(Capture::AT_FORMAT), 'by' => $this->user_id, 'kind' => $this->kind] + (array) $this->payload);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => UtcInstant::class, 'said_at' => UtcInstant::class, 'received_at' => UtcInstant::class, 'payload' => 'object', 'seq' => 'int'];
    }
}
