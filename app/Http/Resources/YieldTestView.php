<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Ledger\YieldTest;
use OpenApi\Attributes as OA;

/** What a butcher's test comes to; money in minor units. */
#[OA\Schema]
final readonly class YieldTestView
{
    private function __construct(
        #[OA\Property]
        public int $ap_cost_minor,
        #[OA\Property]
        public int $by_product_value_minor,
        #[OA\Property]
        public int $net_cost_minor,
        #[OA\Property]
        public int $ep_mg,
        #[OA\Property(description: 'EP over AP.')]
        public float $yield,
        #[OA\Property]
        public ?int $ep_cost_per_kg_minor,
        #[OA\Property]
        public ?float $cost_factor,
        #[OA\Property]
        public ?int $labour_minor,
        #[OA\Property]
        public ?int $ep_cost_with_labour_per_kg_minor,
        #[OA\Property(description: 'The cuts bought as cuts.')]
        public ?int $parts_value_minor,
        #[OA\Property]
        public ?int $saving_minor,
        #[OA\Property]
        public ?float $saving_fraction,
        #[OA\Property(description: 'The wage at which the work costs as much as it saves.')]
        public ?int $break_even_wage_per_hour_minor,
        #[OA\Property(description: 'How long the meat left on the frames would pay a cook.')]
        public ?int $scrape_break_even_s,
    ) {}

    public static function of(YieldTest $test): self
    {
        $answer = $test->answer();
        $whole = static fn(string $key): ?int => is_int($answer[$key] ?? null) ? $answer[$key] : null;
        $share = static fn(string $key): ?float => is_int($answer[$key] ?? null) || is_float($answer[$key] ?? null) ? (float) $answer[$key] : null;

        return new self(
            $test->apCost,
            $whole('by_product_value_minor') ?? 0,
            $whole('net_cost_minor') ?? 0,
            $whole('ep_mg') ?? 0,
            $share('yield') ?? 0.0,
            $whole('ep_cost_per_kg_minor'),
            $share('cost_factor'),
            $whole('labour_minor'),
            $whole('ep_cost_with_labour_per_kg_minor'),
            $whole('parts_value_minor'),
            $whole('saving_minor'),
            $share('saving_fraction'),
            $whole('break_even_wage_per_hour_minor'),
            $whole('scrape_break_even_s'),
        );
    }
}
