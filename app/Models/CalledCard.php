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
 * A method card that an instructor calls to a class: every screen follows. The database refuses to change one; where it stands are its entries.
 *
 * @property string                       $id                    made by the screen
 * @property string                       $published_standard_id
 * @property string                       $user_id               who calls it
 * @property string|null                  $student_group_id      whom it is called to; null for everybody
 * @property CarbonImmutable              $at
 * @property PublishedStandard            $standard
 * @property User                         $caller
 * @property Collection<int, CalledEntry> $entries
 */
final class CalledCard extends StoredModel
{
    use KeyedByUuid;

    /** One that nobody ended is over by then. */
    private const LONGEST_HOURS = 6;

    private const BEFORE = -1;

    public $timestamps = false;

    protected $fillable = ['id', 'published_standard_id', 'user_id', 'student_group_id', 'at'];

    /** The step that was called last; −1 before the first. */
    public function step(): int
    {
        return $this->entries->last(static fn(CalledEntry $it): bool => $it->kind === CalledKind::Step)->step ?? self::BEFORE;
    }

    public function isOver(): bool
    {
        return $this->at->addHours(self::LONGEST_HOURS)->isPast() || $this->entries->contains('kind', CalledKind::Ended);
    }

    /** @return array<string, CalledKind> how each who follows stands to the step that was called last, by person */
    public function standing(): array
    {
        $standing = [];
        foreach ($this->entries as $entry) {
            if ($entry->kind === CalledKind::Joined) {
                $standing += [$entry->user_id => CalledKind::Joined];
            } elseif (! $entry->kind->isCall()) {
                $standing[$entry->user_id] = $entry->step === $this->step() ? $entry->kind : $standing[$entry->user_id] ?? CalledKind::Joined;
            }
        }

        return $standing;
    }

    /**
     * @param Builder<self> $query
     *
     * @return Builder<self> that are called now, the latest first
     */
    public function scopeCalledNow(Builder $query): Builder
    {
        return $query->where('at', '>', CarbonImmutable::now()->subHours(self::LONGEST_HOURS))
            ->whereDoesntHave('entries', static fn(Builder $it) => $it->where('kind', CalledKind::Ended))->latest('at');
    }

    /**
     * @param Builder<self> $query
     *
     * @return Builder<self> that this person is called to: who teaches sees all of them
     */
    public function scopeCalledTo(Builder $query, User $user): Builder
    {
        if ($user->role->isStaff()) {
            return $query;
        }
        $groups = Student::query()->select('student_group_id')->where('user_id', $user->id)->whereNull('left_at');

        return $query->where(static fn(Builder $it) => $it->whereNull('student_group_id')->orWhereIn('student_group_id', $groups));
    }

    /** @return BelongsTo<PublishedStandard, $this> */
    public function standard(): BelongsTo
    {
        return $this->belongsTo(PublishedStandard::class, 'published_standard_id');
    }

    /** @return BelongsTo<User, $this> */
    public function caller(): BelongsTo
    {
        return $this->belongsTo(User::class, 'user_id');
    }

    /** @return HasMany<CalledEntry, $this> in order */
    public function entries(): HasMany
    {
        return $this->hasMany(CalledEntry::class)->orderBy('seq');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'immutable_datetime'];
    }
}
