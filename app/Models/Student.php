<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\KeyedByUuid;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property string                         $id
 * @property string                         $name             as it is said
 * @property string                         $family_name      '' where it is not known apart
 * @property string|null                    $number           the school's own
 * @property string|null                    $email
 * @property string                         $student_group_id the last one, where they have left
 * @property string|null                    $user_id          null where the student does not sign in
 * @property list<string>                   $barred           classes of product an allergy bars
 * @property CarbonImmutable|null           $left_at
 * @property StudentGroup                   $group
 * @property User|null                      $user
 * @property Collection<int, Accommodation> $accommodations
 */
final class Student extends StoredModel
{
    use KeyedByUuid;

    public $timestamps = false;

    protected $table = 'students';

    protected $fillable = ['name', 'family_name', 'number', 'email', 'student_group_id', 'user_id', 'barred', 'left_at'];

    protected $attributes = ['barred' => '[]', 'family_name' => ''];

    /** How much of the standard time the student has on a day: 1 without an allowance. */
    public function timeFactorOn(CarbonImmutable $day): float
    {
        $more = $this->accommodations->filter(static fn(Accommodation $it): bool => $it->kind === AccommodationKind::MoreTime && $it->holdsOn($day));

        return max([1.0, ...$more->map(static fn(Accommodation $it): float => $it->time_factor ?? 1.0)->values()->all()]);
    }

    public function isSupervisedOn(CarbonImmutable $day): bool
    {
        return $this->accommodations->contains(static fn(Accommodation $it): bool => $it->kind === AccommodationKind::Supervised && $it->holdsOn($day));
    }

    /** @return BelongsTo<StudentGroup, $this> */
    public function group(): BelongsTo
    {
        return $this->belongsTo(StudentGroup::class, 'student_group_id');
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return HasMany<Accommodation, $this> */
    public function accommodations(): HasMany
    {
        return $this->hasMany(Accommodation::class)->orderBy('from_day');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['barred' => 'array', 'left_at' => 'immutable_datetime'];
    }
}
