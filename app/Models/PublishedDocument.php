<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\KeyedByUuid;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A published version of a standard or a policy, as it stands inside an assessment package. The database refuses to change one.
 *
 * @property string                       $id
 * @property string                       $key
 * @property int                          $version
 * @property \stdClass                    $document
 * @property \Carbon\CarbonImmutable|null $published_at null for what was published before this was kept
 * @property User|null                    $publishedBy
 */
abstract class PublishedDocument extends StoredModel
{
    use KeyedByUuid;

    public $timestamps = false;

    protected $fillable = ['key', 'version', 'document', 'published_by', 'published_at'];

    /** Whether another document says the same, whatever its version. */
    public function says(\stdClass $document): bool
    {
        $content = static fn(\stdClass $it): array => array_diff_key((array) $it, ['version' => 1]);

        return $content($this->document) == $content($document);
    }

    /** @return BelongsTo<User, $this> */
    public function publishedBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'published_by');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'object', 'version' => 'int', 'published_at' => 'immutable_datetime'];
    }
}
