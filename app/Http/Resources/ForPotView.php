<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Lots\PotUse;
use OpenApi\Attributes as OA;

/** What was moved to a use and waits for its pot: of one class of product. */
#[OA\Schema]
final readonly class ForPotView
{
    /**
     * @param list<string> $moves
     * @param list<string> $from
     * @param list<string> $cautions
     */
    public function __construct(
        #[OA\Property(type: 'string', enum: PotUse::class)]
        public PotUse $use,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $species,
        #[OA\Property]
        public int $mass_mg,
        #[OA\Property(description: 'The facts that moved it there.', type: 'array', items: new OA\Items(type: 'string', format: 'uuid'))]
        public array $moves,
        #[OA\Property(description: 'What it is, and from which practicals.', type: 'array', items: new OA\Items(type: 'string'))]
        public array $from,
        #[OA\Property(description: 'Of a stock: vegetables, water, pots, time.')]
        public ?string $plan,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $cautions,
    ) {}
}
