<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Lots\PotUse;
use OpenApi\Attributes as OA;

/** A pot as it stands. */
#[OA\Schema]
final readonly class PotView
{
    /**
     * @param list<PotStepView> $steps
     * @param list<LotView>     $drawn
     */
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(type: 'string', enum: PotUse::class)]
        public PotUse $use,
        #[OA\Property(description: 'What is drawn is hot, and has to be cooled in time.')]
        public bool $is_hot,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $species,
        #[OA\Property(format: 'date-time')]
        public string $started_at,
        #[OA\Property(description: 'What went into it.')]
        public int $mass_mg,
        #[OA\Property(description: 'Of a stock: vegetables, water, time.')]
        public ?string $plan,
        #[OA\Property(format: 'date-time')]
        public ?string $ready_from,
        #[OA\Property(format: 'date-time')]
        public ?string $ready_to,
        #[OA\Property(description: 'Of a stock, by the handbook rule.')]
        public ?int $expected_ml,
        #[OA\Property]
        public int $made_mg,
        #[OA\Property(description: 'Null where it was weighed.')]
        public ?int $made_ml,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PotStepView::class))]
        public array $steps,
        #[OA\Property(type: 'array', items: new OA\Items(ref: LotView::class))]
        public array $drawn,
    ) {}
}
