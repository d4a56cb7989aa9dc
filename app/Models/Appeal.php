<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\KeyedByUuid;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A student's appeal against lines of one version of a released result. The database refuses to change one; what becomes of it are its entries.
 *
 * @property string                                                           $id         made by the screen
 * @property string                                                           $attempt_id
 * @property int                                                              $version    of the release
 * @property list<array{reason: int, text: string, lost: float, why: string}> $lines      reason is the place in the sealed result
 * @property string                                                           $made_by
 * @property CarbonImmutable                                                  $made_at
 * @property CarbonImmutable                                                  $answer_by  the day it should be decided by
 * @property User                                                             $maker
 * @property Attempt                                                          $attempt
 * @property Collection<int, AppealEntry>                                     $entries
 */
final class Appeal extends StoredModel
{
    use KeyedByUuid;

    public $timestamps = false;

    protected $fillable = ['id', 'attempt_id', 'version', 'lines', 'made_by', 'made_at', 'answer_by'];

    /** Who is to look at it; null while nobody is. */
    public function assignee(): ?string
    {
        $person = $this->entries->last(static fn(AppealEntry $it): bool => $it->kind === AppealEntry::ASSIGNED)?->payload->person;

        return is_string($person) ? $person : null;
    }

    /** What was decided of a line; the latest decision holds. */
    public function decisionOf(int $line): ?AppealEntry
    {
        return $this->entries->last(static fn(AppealEntry $it): bool => $it->kind === AppealEntry::DECIDED && ($it->payload->line ?? null) === $line);
    }

    public function isDecided(): bool
    {
        foreach (array_keys($this->lines) as $line) {
            if ($this->decisionOf($line) === null) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param Builder<self> $query
     *
     * @return Builder<self> those with a line that nothing was decided of
     */
    public function scopeUndecided(Builder $query): Builder
    {
        return $query->whereRaw("jsonb_array_length(lines) > (SELECT count(DISTINCT payload->>'line') FROM appeal_entries WHERE appeal_entries.appeal_id = appeals.id AND kind = 'decided')");
    }

    /**
     * @param Builder<self> $query
     *
     * @return Builder<self> those of which a line is upheld, at least in part, and nothing was taken down or issued again since
     */
    public function scopeToPutRight(Builder $query): Builder
    {
        $later = AppealEntry::query()->from('appeal_entries AS later')->selectRaw('1')->whereColumn('later.appeal_id', 'appeals.id')->where('later.kind', AppealEntry::DECIDED)
            ->whereRaw("later.payload->>'line' = appeal_entries.payload->>'line'")->whereColumn('later.seq', '>', 'appeal_entries.seq');
        $lastDecision = AppealEntry::query()->selectRaw('max(at)')->whereColumn('appeal_id', 'appeals.id')->where('kind', AppealEntry::DECIDED);

        return $query
            ->whereExists(AppealEntry::query()->selectRaw('1')->whereColumn('appeal_id', 'appeals.id')->where('kind', AppealEntry::DECIDED)->where('payload->outcome', '<>', AppealOutcome::Not->value)->whereNotExists($later))
            ->whereNotExists(Release::query()->selectRaw('1')->whereColumn('attempt_id', 'appeals.attempt_id')->whereColumn('releases.version', '>', 'appeals.version'))
            ->whereNotExists(Capture::query()->selectRaw('1')->whereColumn('attempt_id', 'appeals.attempt_id')->where('received_at', '>', $lastDecision));
    }

    /** @return BelongsTo<Attempt, $this> */
    public function attempt(): BelongsTo
    {
        return $this->belongsTo(Attempt::class);
    }

    /** @return BelongsTo<User, $this> */
    public function maker(): BelongsTo
    {
        return $this->belongsTo(User::class, 'made_by');
    }

    /** @return HasMany<AppealEntry, $this> in order */
    public function entries(): HasMany
    {
        return $this->hasMany(AppealEntry::class)->orderBy('seq');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['lines' => 'array', 'version' => 'int', 'made_at' => 'immutable_datetime', 'answer_by' => 'immutable_date'];
    }
}
