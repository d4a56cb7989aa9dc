<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Lots\Destination;
use OpenApi\Attributes as OA;

/** Something that comes with a carcass and is weighed apart from it. */
#[OA\Schema]
final readonly class GibletView
{
    /** @param list<Destination> $destinations */
    public function __construct(
        #[OA\Property]
        public string $product,
        #[OA\Property]
        public string $title,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', enum: Destination::class))]
        public array $destinations,
    ) {}
}
