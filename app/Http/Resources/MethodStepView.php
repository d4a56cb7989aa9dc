<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Json\Node;
use OpenApi\Attributes as OA;

/** A step of a method card. */
#[OA\Schema]
final readonly class MethodStepView
{
    private function __construct(
        #[OA\Property]
        public string $do,
        #[OA\Property(description: 'What to look and feel for.')]
        public string $look,
        #[OA\Property(description: 'How the hands are held.')]
        public string $hand,
        #[OA\Property(description: 'The usual fault.')]
        public string $fault,
        #[OA\Property]
        public ?string $caution,
    ) {}

    public static function of(Node $step): self
    {
        return new self(
            $step->at('do')->text(),
            $step->at('look')->text(),
            $step->at('hand')->text(),
            $step->at('fault')->text(),
            $step->has('caution') ? $step->at('caution')->text() : null,
        );
    }
}
