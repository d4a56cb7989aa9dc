<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;

/**
 * What the school chose at one time; the latest holds. The database refuses to change one.
 *
 * @property string          $id
 * @property int             $seq
 * @property \stdClass       $document units, words, schools
 * @property string          $set_by
 * @property CarbonImmutable $set_at
 */
final class SchoolSetting extends Model
{
    use HasUuids;

    public $timestamps = false;

    protected $fillable = ['document', 'set_by', 'set_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'object', 'set_at' => 'immutable_datetime'];
    }
}
