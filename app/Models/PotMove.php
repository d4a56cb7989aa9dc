<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Mass that was moved out of a lot and is in a pot.
 *
 * @property string $move_id the fact that moved it
 * @property string $pot_id
 * @property int    $mass_mg
 */
final class PotMove extends StoredModel
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'move_id';

    protected $keyType = 'string';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['mass_mg' => 'int'];
    }
}
