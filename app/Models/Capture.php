<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A fact about an attempt, as its device sent it. The database refuses to change or delete one.
 *
 * @property int             $seq         order of acceptance; the cursor of a class
 * @property string          $id          made by the device (UUIDv7)
 * @property string          $attempt_id
 * @property string          $kind
 * @property CarbonImmutable $at          by the device's clock, to the millisecond
 * @property \stdClass       $payload     what this kind says
 * @property string          $user_id
 * @property string          $device
 * @property CarbonImmutable $received_at by the server's clock
 * @property User            $user
 */
final class Capture extends Model
{
    public const AT_FORMAT = 'Y-m-d\TH:i:s.v\Z';

    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'id';

    protected $keyType = 'string';

    protected $dateFormat = 'Y-m-d H:i:s.vP';

    protected $fillable = ['id', 'attempt_id', 'kind', 'at', 'payload', 'user_id', 'device', 'received_at'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** As it stands in an assessment package. */
    public function inPackage(): \stdClass
    {
        return (object) ([
            'id' => $this->id,
            'at' => $this->at->utc()->format(self::AT_FORMAT),
            'by' => $this->user_id,
            'kind' => $this->kind,
        ] + (array) $this->payload);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'immutable_datetime', 'received_at' => 'immutable_datetime', 'payload' => 'object', 'seq' => 'int'];
    }
}
