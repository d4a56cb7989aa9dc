<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Lots\ClassAccount;
use OpenApi\Attributes as OA;

/** Where the mass that came to a class went: delivered = cuts + by-products + waste + still to be weighed + loss. */
#[OA\Schema]
final readonly class ClassAccountView
{
    private function __construct(
        #[OA\Property]
        public int $delivered_mg,
        #[OA\Property]
        public int $cuts_mg,
        #[OA\Property]
        public int $by_products_mg,
        #[OA\Property]
        public int $waste_mg,
        #[OA\Property(description: 'What is still to come off carcasses that are not weighed to the end.')]
        public int $open_mg,
        #[OA\Property(description: 'Drip, what stayed on boards, and what nobody weighed; below 0 where more came off than went in.')]
        public int $loss_mg,
        #[OA\Property(description: 'Of what was weighed, what became lots.')]
        public int $put_away_mg,
    ) {}

    public static function of(ClassAccount $account): self
    {
        return new self($account->deliveredMg, $account->cutsMg, $account->byProductMg, $account->wasteMg, $account->openMg, $account->lossMg(), $account->putAwayMg);
    }
}
