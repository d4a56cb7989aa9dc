<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\PublishedStandard;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\Shelf;
use DeftBlade\Core\Standard\Standard;
use OpenApi\Attributes as OA;

/** A standard, opened: its document, what its pieces should weigh, its plan, card and cautions. */
#[OA\Schema]
final readonly class StandardView
{
    /**
     * @param list<ExpectedView>   $expected
     * @param list<MethodStepView> $card
     * @param list<string>         $cautions
     * @param list<VersionView>    $versions
     */
    private function __construct(
        #[OA\Property]
        public ShelfItemView $item,
        #[OA\Property(ref: '#/components/schemas/Standard')]
        public \stdClass $document,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ExpectedView::class))]
        public array $expected,
        #[OA\Property(description: 'Null where the carcass has no plan of its own.')]
        public ?PlanView $plan,
        #[OA\Property(description: 'The usual AP weight, in mg; null where it is not known.')]
        public ?int $usual_mg,
        #[OA\Property]
        public ?int $low_mg,
        #[OA\Property]
        public ?int $high_mg,
        #[OA\Property(description: 'Where the shares come from.')]
        public ?string $standing,
        #[OA\Property(type: 'array', items: new OA\Items(ref: MethodStepView::class))]
        public array $card,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $cautions,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'), description: 'Uses, by piece or bin.')]
        public \stdClass $uses,
        #[OA\Property(type: 'array', items: new OA\Items(ref: VersionView::class), description: 'Latest first.')]
        public array $versions,
    ) {}

    public static function of(PublishedStandard $published, Shelf $shelf): self
    {
        $node = Node::of($published->document, 'standard');
        $standard = Standard::read($node);
        $known = $shelf->hasCarcass($standard->carcass->key);
        $carcass = $known ? Node::of($shelf->carcass($standard->carcass->key), 'carcass') : null;
        $typical = $carcass?->at('typical_mg');
        $uses = $published->document->uses ?? null;

        return new self(
            ShelfItemView::of($published, $standard),
            $published->document,
            ExpectedView::allOf($standard),
            $known ? PlanView::of(Node::of($shelf->plan($standard->carcass->key), 'plan')) : null,
            $typical?->at('usual')->integer(1, PHP_INT_MAX),
            $typical?->at('low')->integer(1, PHP_INT_MAX),
            $typical?->at('high')->integer(1, PHP_INT_MAX),
            $carcass?->at('standing')->text(),
            array_map(MethodStepView::of(...), $node->itemsOf('card')),
            array_map(static fn(Node $it): string => $it->text(), $node->itemsOf('cautions')),
            $uses instanceof \stdClass ? $uses : new \stdClass(),
            VersionView::allOf($published->versions),
        );
    }
}
