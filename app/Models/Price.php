<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * What a kilogram of something is worth; the latest of a product holds. Of the product WAGE it is what an hour of a cook costs.
 *
 * @property string          $id       made by the screen
 * @property string          $species  '' of a wage
 * @property string          $product
 * @property int|null        $minor    a kilogram, in minor units; null where it is not known any more
 * @property string          $source
 * @property CarbonImmutable $found_on
 */
final class Price extends StoredModel
{
    public const WAGE = 'wage';

    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $fillable = ['id', 'species', 'product', 'minor', 'source', 'found_on', 'user_id', 'at'];

    /** @return array<string, self> those that hold of a species, by product; the wage too */
    public static function of(string $species): array
    {
        $held = [];
        foreach (self::query()->whereIn('species', [$species, ''])->orderBy('seq')->get() as $price) {
            $held[$price->product] = $price;
        }

        return $held;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['minor' => 'int', 'found_on' => 'immutable_date', 'at' => 'immutable_datetime'];
    }
}
