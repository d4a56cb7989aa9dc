<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\KeyedByUuid;
use Carbon\CarbonImmutable;

/**
 * What a student works under: more time, a stool, a reader, large print, supervision. It holds from a day to a day.
 *
 * @property string               $id
 * @property string               $student_id
 * @property AccommodationKind    $kind
 * @property float|null           $time_factor of more time
 * @property CarbonImmutable      $from_day
 * @property CarbonImmutable|null $until_day   the last day; null while it goes on
 * @property string               $reason
 */
final class Accommodation extends StoredModel
{
    use KeyedByUuid;

    public $timestamps = false;

    protected $fillable = ['student_id', 'kind', 'time_factor', 'from_day', 'until_day', 'reason', 'made_by', 'made_at'];

    public function holdsOn(CarbonImmutable $day): bool
    {
        $date = $day->toDateString();

        return $this->from_day->toDateString() <= $date && ($this->until_day === null || $date <= $this->until_day->toDateString());
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => AccommodationKind::class, 'time_factor' => 'float', 'from_day' => 'immutable_date', 'until_day' => 'immutable_date', 'made_at' => 'immutable_datetime'];
    }
}
