<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\KeyedByUuid;
use Carbon\CarbonImmutable;

/**
 * A standard somebody is writing, kept for its author until it is published or thrown away.
 *
 * @property string          $id
 * @property string          $user_id
 * @property string          $title
 * @property \stdClass       $document
 * @property int             $version  grows with every save
 * @property CarbonImmutable $saved_at
 */
final class StandardDraft extends StoredModel
{
    use KeyedByUuid;

    public $timestamps = false;

    protected $fillable = ['id', 'user_id', 'title', 'document', 'version', 'saved_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'object', 'saved_at' => 'immutable_datetime', 'version' => 'int'];
    }
}
