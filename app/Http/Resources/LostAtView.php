<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\LostAt;
use DeftBlade\Core\Practice\MostLost;
use OpenApi\Attributes as OA;

/** What a group lost points at in one practical. */
#[OA\Schema]
final readonly class LostAtView
{
    /** @param list<MostLostView> $most */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $assessment,
        #[OA\Property]
        public string $title,
        #[OA\Property(format: 'date')]
        public string $held_on,
        #[OA\Property(format: 'uuid', description: 'The standard to practise.')]
        public string $standard,
        #[OA\Property(type: 'array', items: new OA\Items(ref: MostLostView::class))]
        public array $most,
    ) {}

    public static function of(LostAt $it): self
    {
        return new self($it->assessment->id, $it->assessment->title, $it->assessment->held_on->toDateString(), $it->standard->id, array_map(static fn(MostLost $most): MostLostView => MostLostView::of($most), $it->most));
    }
}
