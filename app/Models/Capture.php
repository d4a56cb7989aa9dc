<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\UtcInstant;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A fact about an attempt, as its device sent it. The database refuses to change or delete one.
 *
 * @property int                $seq         order of acceptance; the cursor of a class
 * @property string             $id          made by the device (UUIDv7)
 * @property string             $attempt_id
 * @property string             $kind
 * @property \DateTimeImmutable $at          when it counts, to the millisecond: as the device said, unless that lay in the future
 * @property \DateTimeImmutable $said_at     by the device's clock put right by offset_ms
 * @property int                $offset_ms   what the device's clock was put right by; the time it showed is at less this
 * @property \stdClass          $payload     what this kind says
 * @property string             $user_id
 * @property string             $device
 * @property \DateTimeImmutable $received_at by the server's clock
 * @property User               $user
 */
final class Capture extends StoredModel
{
    public const AT_FORMAT = 'Y-m-d\TH:i:s.v\Z';

    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'id';

    protected $keyType = 'string';

    protected $table = 'captures';

    protected $fillable = ['id', 'attempt_id', 'kind', 'at', 'payload', 'user_id', 'device', 'received_at', 'offset_ms', 'said_at'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** As it stands in an assessment package. Every look at a class packs a thousand: taken from the row itself, it costs half. */
    public function inPackage(): \stdClass
    {
        return (object) ([
            'id' => $this->stored('id'),
            'at' => UtcInstant::of($this->stored('at'))->format(self::AT_FORMAT),
            'by' => $this->stored('user_id'),
            'kind' => $this->stored('kind'),
        ] + (array) json_decode($this->stored('payload'), flags: JSON_THROW_ON_ERROR));
    }

    private function stored(string $key): string
    {
        $value = $this->attributes[$key] ?? null;

        return is_string($value) ? $value : throw new \UnexpectedValueException("A capture is stored without its $key.");
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => UtcInstant::class, 'said_at' => UtcInstant::class, 'received_at' => UtcInstant::class, 'payload' => 'object', 'seq' => 'int'];
    }
}
