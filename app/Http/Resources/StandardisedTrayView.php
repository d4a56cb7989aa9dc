<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\StandardisingSet;
use App\Models\User;
use DeftBlade\Core\Json\Node;
use OpenApi\Attributes as OA;

/** A tray of a set, without anything that says whose it is. */
#[OA\Schema]
final readonly class StandardisedTrayView
{
    /**
     * @param list<string>               $photos
     * @param list<string>               $faults
     * @param list<string>               $notes
     * @param list<StandardisedLookView> $looks
     */
    private function __construct(
        #[OA\Property]
        public string $label,
        #[OA\Property(ref: '#/components/schemas/AttemptResult', description: 'What was weighed; no total, no band, no component.')]
        public \stdClass $result,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'Photographs, by SHA-256.')]
        public array $photos,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $faults,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $notes,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'), description: 'What the student handed in, by criterion.')]
        public \stdClass $answers,
        #[OA\Property(type: 'array', items: new OA\Items(ref: StandardisedLookView::class))]
        public array $looks,
    ) {}

    /**
     * @param list<string>          $criteria ids
     * @param array<string, string> $names    by id of a person
     */
    public static function of(Node $tray, StandardisingSet $set, array $criteria, User $user, array $names): self
    {
        $label = $tray->at('label')->text();
        $texts = static fn(string $key): array => array_map(static fn(Node $it): string => $it->text(), $tray->itemsOf($key));

        return new self(
            $label,
            $tray->at('result')->document(),
            $texts('photos'),
            $texts('faults'),
            $texts('notes'),
            $tray->has('answers') ? $tray->at('answers')->document() : new \stdClass(),
            array_map(static fn(string $it): StandardisedLookView => StandardisedLookView::of($set, $label, $it, $user, $names), $criteria),
        );
    }
}
