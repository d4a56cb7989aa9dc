<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasManyThrough;

/**
 * @property \Illuminate\Database\Eloquent\Collection<int, Assessment>        $assessments
 * @property int|null                                                         $assessments_count
 * @property \Illuminate\Database\Eloquent\Collection<int, PublishedStandard> $versions
 */
final class PublishedStandard extends PublishedDocument
{
    public static function latestOf(string $key): ?self
    {
        return self::query()->where('key', $key)->latest('version')->first();
    }

    public function latest(): self
    {
        return self::latestOf($this->key) ?? $this;
    }

    /** @return Builder<PublishedStandard> the latest version of every key, by key, without its document */
    public static function latestOfEach(): Builder
    {
        return self::query()->select('id', 'key', 'version')->distinct('key')->orderBy('key')->orderByDesc('version');
    }

    /** @return HasMany<PublishedStandard, $this> all of this key, this one too, first to last */
    public function versions(): HasMany
    {
        return $this->hasMany(self::class, 'key', 'key')->orderBy('version');
    }

    /** @return HasManyThrough<Assessment, HeldDocuments, $this> practicals that are or were held against it */
    public function assessments(): HasManyThrough
    {
        return $this->hasManyThrough(Assessment::class, HeldDocuments::class, 'published_standard_id', 'id', 'id', 'assessment_id')->latest('held_on');
    }
}
