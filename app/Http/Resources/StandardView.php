<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\PublishedStandard;
use App\School\School;
use DeftBlade\Core\Carcass\Joint;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Standard\StandardDiff;
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
     * @param list<UseView>        $used_in
     * @param list<AnswerView>     $variants
     * @param list<string>         $held
     */
    private function __construct(
        #[OA\Property]
        public ShelfItemView $item,
        #[OA\Property(ref: '#/components/schemas/Standard')]
        public \stdClass $document,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ExpectedView::class))]
        public array $expected,
        #[OA\Property(description: 'Null where no plan knows the carcass.')]
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
        #[OA\Property(type: 'array', items: new OA\Items(ref: UseView::class), description: 'The practicals that name this version, latest first.')]
        public array $used_in,
        #[OA\Property(type: 'array', items: new OA\Items(ref: AnswerView::class), description: 'The variants of practice it is held under.')]
        public array $variants,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'What those change against the standard as published, in words.')]
        public array $held,
    ) {}

    /** As it is held here, said in the words of the school. */
    public static function of(PublishedStandard $published, ShippedDocuments $shipped, School $school): self
    {
        $asHeld = $school->held($published->document);
        $document = $school->said($asHeld);
        $node = Node::of($document, 'standard');
        $standard = Standard::read($node);
        $written = Standard::read(Node::of($published->document, 'standard'));
        $unanswered = (object) array_diff_key((array) $published->document, ['schools' => true]);
        $known = $shipped->hasCarcass($standard->carcass->key);
        $carcass = $known ? Node::of($shipped->carcass($standard->carcass->key), 'carcass') : null;
        $typical = $shipped->typicalMassOf($standard->carcass);
        $found = $shipped->planOf($standard->carcass);
        $plan = $found === null ? null : Node::of($school->said($found), 'plan');
        $uses = $document->uses ?? null;

        return new self(
            ShelfItemView::of($published, StandardInBrief::of($document, $standard, $plan)),
            $document,
            ExpectedView::allOf($standard, array_map(Joint::read(...), $plan?->itemsOf('joints') ?? [])),
            $plan === null ? null : PlanView::of($plan),
            $typical?->usual->mg,
            $typical?->low->mg,
            $typical?->high->mg,
            $carcass?->at('standing')->text(),
            array_map(static fn(Node $it): MethodStepView => MethodStepView::of($it), $node->itemsOf('card')),
            array_map(static fn(Node $it): string => $it->text(), $node->itemsOf('cautions')),
            $uses instanceof \stdClass ? $uses : new \stdClass(),
            VersionView::allOf($published->versions, StandardDiff::between(...), $school->sentences($standard)),
            array_values($published->assessments->map(UseView::of(...))->all()),
            AnswerView::allOf($written, $school),
            array_map($school->sentences($standard)->say(...), StandardDiff::between($unanswered, $asHeld)),
        );
    }
}
