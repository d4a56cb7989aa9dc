<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\KeyedByUuid;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Planning\PanPlace;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasManyThrough;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * One practical of one group.
 *
 * @property string                      $id
 * @property string                      $title
 * @property string                      $room
 * @property string                      $student_group_id
 * @property CarbonImmutable             $held_on
 * @property \stdClass|null              $waves            by_station, gap_ms
 * @property \stdClass|null              $pans             by station: pan, zone, of; null where everybody has a tray of their own
 * @property int                         $arranged         how often its waves were set
 * @property CarbonImmutable|null        $starts_at
 * @property CarbonImmutable|null        $ends_at          when its benches are clean, as it was planned
 * @property bool                        $is_rehearsal     counts for nothing
 * @property string|null                 $cancelled        why; null where it was not
 * @property Collection<int, ScaleCheck> $scaleChecks
 * @property StudentGroup                $group
 * @property HeldDocuments               $held             what it is held against now
 * @property Collection<int, Attempt>    $attempts
 */
final class Assessment extends StoredModel
{
    use KeyedByUuid;

    public $timestamps = false;

    protected $table = 'assessments';

    protected $fillable = ['title', 'room', 'held_on', 'student_group_id', 'waves', 'pans', 'arranged', 'brief_id', 'starts_at', 'ends_at', 'is_rehearsal', 'cancelled'];

    /**
     * Those of earlier days that were held against the same standard.
     *
     * @param Builder<Assessment> $query
     */
    public function scopeHeldBefore(Builder $query, self $assessment, string $standardKey): void
    {
        $query->whereNull('cancelled')->where('held_on', '<', $assessment->held_on->toDateString())
            ->whereExists(HeldDocuments::query()->selectRaw('1')->join('published_standards', 'published_standards.id', '=', 'published_standard_id')
                ->whereColumn('held_documents.assessment_id', 'assessments.id')->where('published_standards.key', $standardKey));
    }

    /** The seq of the last capture of the class; 0 where there is none. */
    public function latestSeq(): int
    {
        // Looked up tray by tray, each the last entry of an index: of a whole class at once, a plan may read every capture of the school.
        $ofTray = Capture::query()->selectRaw('max(seq)')->whereColumn('attempt_id', 'attempts.id');
        $seq = Attempt::query()->where('assessment_id', $this->id)->selectSub($ofTray, 'last')->pluck('last')->max();

        return is_int($seq) ? $seq : 0;
    }

    /**
     * @param int $after seq
     *
     * @return Collection<int, Capture> in order of acceptance, at most so many
     */
    public function capturesAfter(int $after, int $most): Collection
    {
        // Tray by tray, as above: in the order of seq alone, what other classes took down since is read too.
        $ofTray = Capture::query()->whereColumn('attempt_id', 'attempts.id')->where('seq', '>', $after)->orderBy('seq')->limit($most);

        return Capture::query()->from('attempts')->joinLateral($ofTray, 'captures')->where('attempts.assessment_id', $this->id)->orderBy('captures.seq')->limit($most)->get('captures.*');
    }

    /** Which wave a station starts with. */
    public function waveOf(int $station): int
    {
        $wave = $this->waves->by_station->{$station} ?? 1;

        return is_int($wave) ? $wave : 1;
    }

    /** Where on a shared pan a station presents; null for a tray of its own. */
    public function panPlaceOf(int $station): ?PanPlace
    {
        $place = $this->pans->{$station} ?? null;

        return $place instanceof \stdClass ? PanPlace::read(Node::of($place, 'pan')) : null;
    }

    public function waveGapMs(): int
    {
        $gap = $this->waves->gap_ms ?? 0;

        return is_int($gap) ? $gap : 0;
    }

    /** @return BelongsTo<StudentGroup, $this> */
    public function group(): BelongsTo
    {
        return $this->belongsTo(StudentGroup::class, 'student_group_id');
    }

    /** @return BelongsTo<Brief, $this> */
    public function brief(): BelongsTo
    {
        return $this->belongsTo(Brief::class);
    }

    /** @return HasOne<HeldDocuments, $this> */
    public function held(): HasOne
    {
        return $this->hasOne(HeldDocuments::class)->latest('seq');
    }

    /** @return HasMany<Attempt, $this> in the order of stations */
    public function attempts(): HasMany
    {
        return $this->hasMany(Attempt::class)->orderBy(ResultRow::query()->select('station')->whereColumn('results.attempt_id', 'attempts.id'));
    }

    /** @return HasMany<ScaleCheck, $this> in the order they were made */
    public function scaleChecks(): HasMany
    {
        return $this->hasMany(ScaleCheck::class)->orderBy('at')->orderBy('id');
    }

    /** @return HasManyThrough<Capture, Attempt, $this> */
    public function captures(): HasManyThrough
    {
        return $this->hasManyThrough(Capture::class, Attempt::class)->orderBy('captures.seq');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['held_on' => 'immutable_date', 'waves' => 'object', 'pans' => 'object', 'arranged' => 'int', 'starts_at' => 'immutable_datetime', 'ends_at' => 'immutable_datetime', 'is_rehearsal' => 'bool'];
    }
}
