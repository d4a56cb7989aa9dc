<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\UtcInstant;
use DeftBlade\Core\Lots\PotUse;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * How a pot stands: a projection of its facts.
 *
 * @property string                                                 $id
 * @property PotUse                                                 $use
 * @property string                                                 $species
 * @property string|null                                            $class      of product that is in it
 * @property \DateTimeImmutable                                     $started_at
 * @property list<array{id: string, step: string, at: string}>      $steps
 * @property int                                                    $made_mg    what was drawn from it
 * @property int|null                                               $made_ml    null where some of it was weighed
 * @property \Illuminate\Database\Eloquent\Collection<int, PotMove> $moves      what is in it
 */
final class PotRow extends StoredModel
{
    public $timestamps = false;

    public $incrementing = false;

    protected $table = 'pots';

    protected $keyType = 'string';

    protected $fillable = ['id', 'use', 'species', 'class', 'started_at', 'steps', 'made_mg', 'made_ml'];

    /** @return HasMany<PotMove, $this> */
    public function moves(): HasMany
    {
        return $this->hasMany(PotMove::class, 'pot_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['use' => PotUse::class, 'started_at' => UtcInstant::class, 'steps' => 'array', 'made_mg' => 'int', 'made_ml' => 'int'];
    }
}
