<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\UtcInstant;
use App\Models\Concerns\KeyedByUuid;
use DeftBlade\Core\Quiz\QuizKind;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Something a person practised by themselves: never part of a class, a result or a release. The database refuses to change or delete one.
 *
 * @property int                $seq
 * @property string             $id                    made by the device (UUIDv7)
 * @property string             $user_id
 * @property string             $published_standard_id
 * @property string             $standard_key
 * @property string|null        $tray                  that a capture is of; null of what is about no tray
 * @property string             $kind                  ANSWER, FOLLOWED, STEP, or that of a capture
 * @property \stdClass          $payload               what this kind says
 * @property \DateTimeImmutable $at                    when it counts: as the device said, unless that lay in the future
 * @property \DateTimeImmutable $said_at
 * @property string             $device
 * @property int                $offset_ms
 * @property \DateTimeImmutable $received_at
 * @property PublishedStandard  $standard
 * @property User               $user
 */
final class PracticeFact extends StoredModel
{
    use KeyedByUuid;

    public const ANSWER = 'answer';

    public const FOLLOWED = 'followed';

    public const STEP = 'step';

    public $timestamps = false;

    protected $fillable = ['id', 'user_id', 'published_standard_id', 'standard_key', 'tray', 'kind', 'payload', 'at', 'said_at', 'device', 'offset_ms', 'received_at'];

    /** @return BelongsTo<PublishedStandard, $this> */
    public function standard(): BelongsTo
    {
        return $this->belongsTo(PublishedStandard::class, 'published_standard_id');
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** A question that was answered; how a drill went is none. */
    public function isAnswer(): bool
    {
        return $this->kind === self::ANSWER && ($this->payload->question ?? null) !== QuizKind::Drill->value;
    }

    /** As a package says a capture. */
    public function capture(): \stdClass
    {
        return (object) (['id' => $this->id, 'at' => $this->at->format(Capture::AT_FORMAT), 'by' => $this->user_id, 'kind' => $this->kind] + (array) $this->payload);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => UtcInstant::class, 'said_at' => UtcInstant::class, 'received_at' => UtcInstant::class, 'payload' => 'object', 'seq' => 'int', 'offset_ms' => 'int'];
    }
}
