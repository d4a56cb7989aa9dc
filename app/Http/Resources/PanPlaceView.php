<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Planning\PanPlace;
use DeftBlade\Core\Planning\Zone;
use OpenApi\Attributes as OA;

/** Where on which shared pan a student presents. */
#[OA\Schema]
final readonly class PanPlaceView
{
    private function __construct(
        #[OA\Property]
        public int $pan,
        #[OA\Property(type: 'string', enum: Zone::class)]
        public Zone $zone,
        #[OA\Property(description: 'How many share the pan.')]
        public int $of,
    ) {}

    public static function of(?PanPlace $place): ?self
    {
        return $place === null ? null : new self($place->pan, $place->zone, $place->of);
    }
}
