<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Carcass\TypicalMass;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Shipped\ShippedDocuments;
use OpenApi\Attributes as OA;

/** A carcass that a standard can be written for, as it stands in one. */
#[OA\Schema]
final readonly class CarcassView
{
    private function __construct(
        #[OA\Property]
        public string $species,
        #[OA\Property(ref: '#/components/schemas/AssessmentCarcass')]
        public \stdClass $carcass,
        #[OA\Property(description: 'The usual AP weight, in mg.')]
        public int $usual_mg,
        #[OA\Property(description: 'Where the shares come from.')]
        public string $standing,
        #[OA\Property]
        public PlanView $plan,
    ) {}

    public static function of(string $key, ShippedDocuments $shipped): self
    {
        $document = $shipped->carcass($key);
        $carcass = Node::of($document, 'carcass');

        return new self(
            $carcass->at('species')->text(),
            (object) array_intersect_key((array) $document, ['key' => true, 'title' => true, 'parts' => true]),
            TypicalMass::read($carcass->at('typical_mg'))->usual->mg,
            $carcass->at('standing')->text(),
            PlanView::of(Node::of($shipped->plan($key), 'plan')),
        );
    }
}
