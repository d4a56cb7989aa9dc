<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\KeyedByUuid;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\DB;

/**
 * A practical while it is planned, kept for everybody who plans here; once it is set, the plan it was set from.
 *
 * @property string                       $id
 * @property int                          $version     grows with every save
 * @property \stdClass                    $document    as the brief is read
 * @property CarbonImmutable              $saved_at
 * @property CarbonImmutable|null         $set_at
 * @property Collection<int, Assessment>  $assessments one a list, once it is set
 * @property Collection<int, BriefChange> $changes     what became of it since
 */
final class Brief extends StoredModel
{
    use KeyedByUuid;

    public $timestamps = false;

    protected $fillable = ['id', 'version', 'document', 'saved_by', 'saved_at', 'set_at'];

    /** Within a transaction: nobody else writes it until the end. Also where it is not kept yet. */
    public static function lock(string $id): void
    {
        DB::statement('SELECT pg_advisory_xact_lock(hashtext(?))', ["brief $id"]);
    }

    /** Why it was cancelled; null where it was not. */
    public function cancelled(): ?string
    {
        return $this->assessments->first()?->cancelled;
    }

    /** @return HasMany<BriefChange, $this> the first made first */
    public function changes(): HasMany
    {
        return $this->hasMany(BriefChange::class)->orderBy('seq');
    }

    /** @return HasMany<Assessment, $this> */
    public function assessments(): HasMany
    {
        return $this->hasMany(Assessment::class)->orderBy('id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'object', 'version' => 'int', 'saved_at' => 'immutable_datetime', 'set_at' => 'immutable_datetime'];
    }
}
