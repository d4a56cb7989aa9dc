<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A check weight put on the scale of a practical.
 *
 * @property string          $id         made by the screen
 * @property string          $user_id
 * @property User            $user
 * @property CarbonImmutable $at         by the server's clock
 * @property int             $nominal_mg what the check weight weighs
 * @property int             $reading_mg
 */
final class ScaleCheck extends StoredModel
{
    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $table = 'scale_checks';

    protected $fillable = ['id', 'assessment_id', 'user_id', 'at', 'nominal_mg', 'reading_mg'];

    /** As it stands in an assessment package. */
    public function inPackage(): \stdClass
    {
        return (object) ['id' => $this->id, 'at' => $this->at->utc()->format(Capture::AT_FORMAT), 'by' => $this->user_id, 'nominal_mg' => $this->nominal_mg, 'reading_mg' => $this->reading_mg];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'immutable_datetime', 'nominal_mg' => 'int', 'reading_mg' => 'int'];
    }
}
