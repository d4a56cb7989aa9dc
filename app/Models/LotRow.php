<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\KeyedByUuid;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Ledger\CoolingVerdict;
use DeftBlade\Core\Lots\FlowStage;
use DeftBlade\Core\Lots\LotProductKind;
use DeftBlade\Core\Lots\PotUse;
use DeftBlade\Core\Lots\ProductName;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * How a lot stands: a projection of its facts that lists read. Whoever writes a fact keeps it; bin/artisan lots:rebuild makes it anew.
 *
 * @property string               $id
 * @property string               $family_id
 * @property string|null          $parent_id
 * @property string|null          $assessment_id null where a pot made it
 * @property Assessment|null      $assessment
 * @property PotUse|null          $use           of the pot that made it
 * @property string               $product
 * @property LotProductKind|null  $kind          null where a pot made it
 * @property FlowStage|null       $stage         what it is of a carcass; null where it is none of one
 * @property string               $title         its words marked ({drumstick})
 * @property bool                 $is_off        pieces that did not meet the standard
 * @property string               $species
 * @property string|null          $class         of product: poultry, fish, meat
 * @property string|null          $container
 * @property CarbonImmutable      $made_on
 * @property CarbonImmutable|null $use_by        null while it is frozen
 * @property CarbonImmutable|null $frozen_since
 * @property int                  $mass_mg       when it was made
 * @property int                  $on_hand_mg
 * @property int                  $divided_mg
 * @property int|null             $pan_off_mg    what the scale said of the container against the sum
 * @property \stdClass            $moved         mg by destination
 * @property list<string>         $counted       ids of the facts since it was made that are counted in it
 * @property \stdClass|null       $raw           treatment and text of its record for raw service
 * @property \stdClass|null       $cooling       readings (at_ms, c), from_57_ms, to_21_ms, to_5_ms, verdict; null where nobody put a probe in it
 */
final class LotRow extends StoredModel
{
    use KeyedByUuid;

    public $timestamps = false;

    protected $table = 'lots';

    protected $fillable = [
        'id', 'family_id', 'parent_id', 'assessment_id', 'use', 'product', 'kind', 'stage', 'title', 'is_off', 'species', 'class', 'container', 'made_on', 'use_by', 'frozen_since', 'mass_mg', 'on_hand_mg', 'divided_mg',
        'pan_off_mg', 'moved', 'counted', 'raw', 'cooling',
    ];

    /** @return BelongsTo<Assessment, $this> */
    public function assessment(): BelongsTo
    {
        return $this->belongsTo(Assessment::class);
    }

    public function name(): ProductName
    {
        return new ProductName($this->species, $this->product, $this->title);
    }

    /** It was cooled too slowly: it is not used. */
    public function isBarred(): bool
    {
        $verdict = $this->cooling->verdict ?? null;

        return is_string($verdict) && CoolingVerdict::from($verdict)->isTooSlow();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'is_off' => 'bool', 'made_on' => 'immutable_date', 'use_by' => 'immutable_date', 'frozen_since' => 'immutable_date', 'mass_mg' => 'int', 'on_hand_mg' => 'int', 'divided_mg' => 'int',
            'pan_off_mg' => 'int', 'moved' => 'object', 'counted' => 'array', 'raw' => 'object', 'cooling' => 'object', 'use' => PotUse::class, 'kind' => LotProductKind::class, 'stage' => FlowStage::class,
        ];
    }
}
