<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A step of a standardising set. The database refuses to change one.
 *
 * @property string            $id                   made by the screen
 * @property string            $standardising_set_id
 * @property StandardisingStep $kind
 * @property \stdClass         $payload              tray, criterion, level; reason
 * @property string            $by
 * @property CarbonImmutable   $at
 * @property User              $author
 */
final class StandardisingEntry extends StoredModel
{
    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $fillable = ['id', 'standardising_set_id', 'kind', 'payload', 'by', 'at'];

    public function isOf(string $tray, string $criterion): bool
    {
        return ($this->payload->tray ?? null) === $tray && ($this->payload->criterion ?? null) === $criterion;
    }

    public function level(): int
    {
        return is_int($this->payload->level ?? null) ? $this->payload->level : 0;
    }

    /** @return BelongsTo<User, $this> */
    public function author(): BelongsTo
    {
        return $this->belongsTo(User::class, 'by');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => StandardisingStep::class, 'payload' => 'object', 'at' => 'immutable_datetime'];
    }
}
