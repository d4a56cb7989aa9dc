<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What a student was shown: the package, its digest and the result computed from it, sealed. The database refuses to change one.
 *
 * @property string          $id
 * @property string          $attempt_id
 * @property string          $package
 * @property string          $package_sha256
 * @property \stdClass       $result
 * @property string          $released_by
 * @property CarbonImmutable $released_at
 * @property User            $releasedBy
 */
final class Release extends Model
{
    use HasUuids;

    public $timestamps = false;

    protected $fillable = ['attempt_id', 'package', 'package_sha256', 'result', 'released_by', 'released_at'];

    /** @return BelongsTo<User, $this> */
    public function releasedBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'released_by');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['result' => 'object', 'released_at' => 'immutable_datetime'];
    }
}
