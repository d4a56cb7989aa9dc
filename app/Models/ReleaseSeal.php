<?php

declare(strict_types=1);

namespace App\Models;

/**
 * The sealed document of a release: everything the student was shown (docs/formats/seal.md), as the exact text its SHA-256 is of.
 *
 * @property string $release_id
 * @property string $document
 */
final class ReleaseSeal extends StoredModel
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'release_id';

    protected $keyType = 'string';

    protected $fillable = ['release_id', 'document'];
}
