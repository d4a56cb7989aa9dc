<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Attempt;
use App\Models\PublishedStandard;
use App\School\School;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Standard;
use OpenApi\Attributes as OA;

/** A standard to follow along with: its method card and cautions, as it is held here and in the words of the school. */
#[OA\Schema]
final readonly class PracticeView
{
    /**
     * @param list<MethodStepView> $steps
     * @param list<string>         $cautions
     */
    private function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $title,
        #[OA\Property(type: 'array', items: new OA\Items(ref: MethodStepView::class))]
        public array $steps,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $cautions,
        #[OA\Property]
        public SmallMapView $map,
        #[OA\Property(description: 'Null where no result by it is released to whoever asks.')]
        public ?LastTryView $last,
    ) {}

    /** @param Attempt|null $last of whoever asks, with its release */
    public static function of(PublishedStandard $published, ?Attempt $last, ShippedDocuments $shipped, School $school): self
    {
        $node = Node::of($school->said($school->held($published->document)), 'standard');
        $standard = Standard::read($node);
        $plan = $shipped->planOf($standard->carcass);

        return new self(
            $published->id,
            $standard->title,
            array_map(MethodStepView::of(...), $node->itemsOf('card')),
            array_map(static fn(Node $it): string => $it->text(), $node->itemsOf('cautions')),
            SmallMapView::of($standard, $plan === null ? null : Node::of($plan, 'plan')),
            $last?->release === null ? null : LastTryView::of($last, $last->release),
        );
    }
}
