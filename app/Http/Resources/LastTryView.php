<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Attempt;
use App\Models\Release;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Practice\Worth;
use OpenApi\Attributes as OA;

/** The last released result of whoever asks by a standard, and what to change first. */
#[OA\Schema]
final readonly class LastTryView
{
    /** @param list<WorthView> $worth */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $attempt,
        #[OA\Property(format: 'date')]
        public string $held_on,
        #[OA\Property]
        public ?float $total,
        #[OA\Property]
        public ?string $band,
        #[OA\Property(type: 'array', items: new OA\Items(ref: WorthView::class), description: 'What cost most, the largest first.')]
        public array $worth,
    ) {}

    /** @param Release $release with its seal */
    public static function of(Attempt $attempt, Release $release): self
    {
        $seal = Node::decode($release->seal->document);

        return new self($attempt->id, $attempt->assessment->held_on->toDateString(), $release->total, $release->band, array_map(WorthView::of(...), Worth::most($seal->at('standard'), $seal->at('result'))));
    }
}
