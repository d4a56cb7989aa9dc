<?php

declare(strict_types=1);

namespace App\Models;

use DeftBlade\Core\Lots\TakenWeight;

/**
 * A weight of a tray that became part of a lot; each place of a tray at most once.
 *
 * @property string $attempt_id
 * @property string $slot
 * @property string $lot_id
 * @property string $capture_id
 * @property int    $mass_mg    as it was then
 */
final class LotWeight extends StoredModel
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = null;

    /** @return list<TakenWeight> of one class */
    public static function of(Assessment $assessment): array
    {
        $rows = self::query()->whereIn('attempt_id', $assessment->attempts()->select('attempts.id')->reorder())->orderBy('attempt_id')->orderBy('slot')->get();

        return array_values($rows->map(static fn(self $it): TakenWeight => new TakenWeight($it->lot_id, $it->capture_id, $it->attempt_id, $it->slot, $it->mass_mg))->all());
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['mass_mg' => 'int'];
    }
}
