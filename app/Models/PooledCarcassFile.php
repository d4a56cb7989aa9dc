<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\KeyedByUuid;
use Carbon\CarbonImmutable;

/**
 * Weights of carcasses that another school gave (docs/formats/carcasses.md). Taken out, they are gone.
 *
 * @property string          $id           made by the screen
 * @property string          $standard_key that they were read against
 * @property string          $title        what they are called here
 * @property \stdClass       $document
 * @property int             $records
 * @property string          $user_id      who took them in
 * @property CarbonImmutable $at
 */
final class PooledCarcassFile extends StoredModel
{
    use KeyedByUuid;

    public $timestamps = false;

    protected $table = 'pooled_carcasses';

    protected $fillable = ['id', 'standard_key', 'title', 'document', 'records', 'user_id', 'at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'object', 'records' => 'int', 'at' => 'immutable_datetime'];
    }
}
