<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\KeyedByUuid;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * That somebody changed something of the school, as a code with its figures. The database refuses to change one.
 *
 * @property string                                                 $id
 * @property int                                                    $seq
 * @property string                                                 $user_id
 * @property MessageCode                                            $code
 * @property array<string, int|float|string|bool|null|list<string>> $figures
 * @property CarbonImmutable                                        $at
 * @property User                                                   $user
 */
final class AuditEntry extends StoredModel
{
    use KeyedByUuid;

    public $timestamps = false;

    protected $fillable = ['user_id', 'code', 'figures', 'at'];

    public static function keep(User $by, Message $what): void
    {
        self::query()->create(['user_id' => $by->id, 'code' => $what->code, 'figures' => $what->figures, 'at' => CarbonImmutable::now()]);
    }

    public function message(): Message
    {
        return Message::of($this->code, $this->figures);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['code' => MessageCode::class, 'figures' => 'array', 'at' => 'immutable_datetime', 'seq' => 'int'];
    }
}
