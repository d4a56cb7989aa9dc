<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use DeftBlade\Core\Lots\Destination;
use DeftBlade\Core\Lots\ProductName;

/**
 * What a coming practical or menu needs: a projection of its fact.
 *
 * @property string          $id
 * @property string          $species
 * @property string          $product
 * @property string          $title       its words marked ({drumstick})
 * @property int|null        $pieces      null where its mass was said
 * @property int|null        $mass_mg     null where pieces were said
 * @property CarbonImmutable $needed_on
 * @property Destination     $destination
 * @property string          $text        for which practical or menu
 */
final class NeedRow extends StoredModel
{
    public $timestamps = false;

    public $incrementing = false;

    protected $table = 'needs';

    protected $keyType = 'string';

    protected $fillable = ['id', 'species', 'product', 'title', 'pieces', 'mass_mg', 'needed_on', 'destination', 'text'];

    public function name(): ProductName
    {
        return new ProductName($this->species, $this->product, $this->title);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['pieces' => 'int', 'mass_mg' => 'int', 'needed_on' => 'immutable_date', 'destination' => Destination::class];
    }
}
