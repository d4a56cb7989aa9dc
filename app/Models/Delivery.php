<?php

declare(strict_types=1);

namespace App\Models;

/**
 * The carcasses of a practical as they were delivered; the latest holds.
 *
 * @property string $id            made by the screen
 * @property string $assessment_id
 * @property string $supplier
 * @property string $invoice
 * @property int    $pieces
 * @property int    $mass_mg
 * @property int    $cost_minor
 */
final class Delivery extends StoredModel
{
    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $fillable = ['id', 'assessment_id', 'supplier', 'invoice', 'pieces', 'mass_mg', 'cost_minor', 'user_id', 'at'];

    /** @param string $practical its id */
    public static function of(string $practical): ?self
    {
        return self::query()->where('assessment_id', $practical)->latest('seq')->first();
    }

    /**
     * Those that hold of the practicals of some days.
     *
     * @param string $from YYYY-MM-DD
     *
     * @return array<string, self> by practical
     */
    public static function between(string $from, string $to): array
    {
        $held = [];
        foreach (self::query()->select('deliveries.*')->join('assessments', 'assessments.id', '=', 'assessment_id')->whereBetween('held_on', [$from, $to])->orderBy('seq')->get() as $delivery) {
            $held[$delivery->assessment_id] = $delivery;
        }

        return $held;
    }

    /**
     * @param list<string> $practicals ids
     *
     * @return array<string, string> by practical, where one is written down; the latest delivery holds
     */
    public static function suppliersOf(array $practicals): array
    {
        $suppliers = [];
        foreach (self::query()->whereIn('assessment_id', $practicals)->orderBy('seq')->get() as $delivery) {
            $suppliers[$delivery->assessment_id] = $delivery->supplier;
        }

        return array_filter($suppliers, static fn(string $it): bool => $it !== '');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['pieces' => 'int', 'mass_mg' => 'int', 'cost_minor' => 'int', 'at' => 'immutable_datetime'];
    }
}
