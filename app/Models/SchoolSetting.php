<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\KeyedByUuid;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What the school chose at one time; the latest holds. The database refuses to change one.
 *
 * @property string          $id
 * @property int             $seq      the version of the settings
 * @property \stdClass       $document units, time_zone, words, variants, own
 * @property string          $set_by
 * @property CarbonImmutable $set_at
 * @property User            $setBy
 */
final class SchoolSetting extends StoredModel
{
    use KeyedByUuid;

    public $timestamps = false;

    protected $table = 'school_settings';

    protected $fillable = ['document', 'set_by', 'set_at'];

    public static function latestChoice(): ?self
    {
        return self::query()->latest('seq')->first();
    }

    public function digest(): string
    {
        return hash('sha256', json_encode($this->document, JSON_THROW_ON_ERROR));
    }

    /** @return BelongsTo<User, $this> */
    public function setBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'set_by');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'object', 'set_at' => 'immutable_datetime', 'seq' => 'int'];
    }
}
