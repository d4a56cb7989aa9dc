<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;

/**
 * A published version of a standard or a policy, as it stands inside an assessment package. The database refuses to change one.
 *
 * @property string    $id
 * @property string    $key
 * @property int       $version
 * @property \stdClass $document
 */
abstract class PublishedDocument extends Model
{
    use HasUuids;

    public $timestamps = false;

    protected $fillable = ['key', 'version', 'document'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'object'];
    }
}
