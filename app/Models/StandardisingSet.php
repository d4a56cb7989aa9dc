<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\KeyedByUuid;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Trays that assessors judge alone before an exam, and then compare. Its document names nobody. The database refuses to change one.
 *
 * @property string                              $id       made by the screen
 * @property string                              $title
 * @property list<string>                        $attempts where the trays come from; told to nobody
 * @property \stdClass                           $document standard, trays
 * @property string                              $made_by
 * @property CarbonImmutable                     $made_at
 * @property Collection<int, StandardisingEntry> $entries
 */
final class StandardisingSet extends StoredModel
{
    use KeyedByUuid;

    public $timestamps = false;

    protected $fillable = ['id', 'title', 'attempts', 'document', 'made_by', 'made_at'];

    public function isOpen(): bool
    {
        return $this->entries->contains('kind', StandardisingStep::Opened);
    }

    /** Students practise with it. */
    public function isShown(): bool
    {
        $said = $this->entries->last(static fn(StandardisingEntry $it): bool => $it->kind === StandardisingStep::Shown);

        return ($said->payload->shown ?? false) === true;
    }

    public function isFinishedBy(string $person): bool
    {
        return $this->entries->contains(static fn(StandardisingEntry $it): bool => $it->kind === StandardisingStep::Finished && $it->by === $person);
    }

    /** @return array<string, int> the level that holds of each person, by id */
    public function levelsOf(string $tray, string $criterion): array
    {
        $levels = [];
        foreach ($this->entries as $entry) {
            if ($entry->kind === StandardisingStep::Level && $entry->isOf($tray, $criterion)) {
                $levels[$entry->by] = $entry->level();
            }
        }

        return $levels;
    }

    public function referenceOf(string $tray, string $criterion): ?StandardisingEntry
    {
        return $this->entries->last(static fn(StandardisingEntry $it): bool => $it->kind === StandardisingStep::Reference && $it->isOf($tray, $criterion));
    }

    /** @return HasMany<StandardisingEntry, $this> in order */
    public function entries(): HasMany
    {
        return $this->hasMany(StandardisingEntry::class)->orderBy('seq');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['attempts' => 'array', 'document' => 'object', 'made_at' => 'immutable_datetime'];
    }
}
