<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\KeyedByUuid;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * One version of what a student was shown, without the sealed document itself, which is kept beside it. The database refuses to change one.
 *
 * @property string          $id
 * @property string          $attempt_id
 * @property int             $version       1 is the first issue
 * @property string          $reason
 * @property int             $last_seq      of the captures it was computed from
 * @property float|null      $total
 * @property string|null     $band
 * @property string          $result_sha256 of the result without its sentences
 * @property string          $seal_sha256   of the sealed document
 * @property string          $released_by
 * @property CarbonImmutable $released_at
 * @property User            $releasedBy
 * @property ReleaseSeal     $seal
 */
final class Release extends StoredModel
{
    use KeyedByUuid;

    public $timestamps = false;

    protected $table = 'releases';

    protected $fillable = ['attempt_id', 'version', 'reason', 'last_seq', 'total', 'band', 'result_sha256', 'seal_sha256', 'released_by', 'released_at'];

    public function mark(): ResultMark
    {
        return new ResultMark($this->last_seq, $this->result_sha256, $this->total, $this->band);
    }

    /** @return BelongsTo<User, $this> */
    public function releasedBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'released_by');
    }

    /** @return HasOne<ReleaseSeal, $this> */
    public function seal(): HasOne
    {
        return $this->hasOne(ReleaseSeal::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['released_at' => 'immutable_datetime', 'total' => 'float', 'version' => 'int', 'last_seq' => 'int'];
    }
}
