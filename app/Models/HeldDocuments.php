<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\KeyedByUuid;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What a practical is held against from one time on: a version of a standard under the variants of practice of that day, and a version of a policy. The
 * latest holds. The database refuses to change one.
 *
 * @property string            $id
 * @property int               $seq
 * @property string            $assessment_id
 * @property string            $published_standard_id
 * @property string            $published_policy_id
 * @property \stdClass         $document              the standard as held
 * @property string            $sha256                of the document
 * @property string            $reason
 * @property string|null       $set_by
 * @property CarbonImmutable   $set_at
 * @property PublishedStandard $standard
 * @property PublishedPolicy   $policy
 */
final class HeldDocuments extends StoredModel
{
    use KeyedByUuid;

    public $timestamps = false;

    protected $table = 'held_documents';

    protected $fillable = ['assessment_id', 'published_standard_id', 'published_policy_id', 'document', 'sha256', 'reason', 'set_by', 'set_at'];

    public function policyDocument(): \stdClass
    {
        return $this->loadMissing('policy')->policy->document;
    }

    /** @return BelongsTo<PublishedStandard, $this> */
    public function standard(): BelongsTo
    {
        return $this->belongsTo(PublishedStandard::class, 'published_standard_id');
    }

    /** @return BelongsTo<PublishedPolicy, $this> */
    public function policy(): BelongsTo
    {
        return $this->belongsTo(PublishedPolicy::class, 'published_policy_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'object', 'set_at' => 'immutable_datetime', 'seq' => 'int'];
    }
}
