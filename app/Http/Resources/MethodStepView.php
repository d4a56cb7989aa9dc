<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\PractisedStandard;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Practice\NamedParts;
use OpenApi\Attributes as OA;

/** A step of a method card. */
#[OA\Schema]
final readonly class MethodStepView
{
    /** @param list<string> $parts */
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
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'Parts of the carcass that it names, where it is practised.')]
        public array $parts,
    ) {}

    /** @return list<self> each with the parts it names in what is done, or else in what to look for */
    public static function practised(PractisedStandard $practised): array
    {
        $named = new NamedParts($practised->standard);

        return array_map(static fn(Node $it): self => self::of($it, $named->in($it->at('do')->text()) ?: $named->in($it->at('look')->text())), $practised->card());
    }

    /** @param list<string> $parts */
    public static function of(Node $step, array $parts = []): self
    {
        return new self(
            $step->at('do')->text(),
            $step->at('look')->text(),
            $step->at('hand')->text(),
            $step->at('fault')->text(),
            $step->has('caution') ? $step->at('caution')->text() : null,
            $parts,
        );
    }
}
