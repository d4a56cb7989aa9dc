<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\StandardisingEntry;
use App\Models\StandardisingSet;
use App\Models\StandardisingStep;
use App\Models\User;
use DeftBlade\Core\Agreement\LevelPairs;
use DeftBlade\Core\Json\Node;
use OpenApi\Attributes as OA;

/** A standardising set as one person sees it. */
#[OA\Schema]
final readonly class StandardisingView
{
    /**
     * @param list<StandardisedTrayView> $trays
     * @param list<string>               $finished
     * @param list<AgainstReferenceView> $against
     */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $title,
        #[OA\Property(ref: '#/components/schemas/Standard')]
        public \stdClass $standard,
        #[OA\Property(description: 'Everybody sees what everybody gave.')]
        public bool $is_open,
        #[OA\Property(description: 'You have finished.')]
        public bool $is_finished,
        #[OA\Property(type: 'array', description: 'Names of those who have finished.', items: new OA\Items(type: 'string'))]
        public array $finished,
        #[OA\Property(type: 'array', items: new OA\Items(ref: StandardisedTrayView::class))]
        public array $trays,
        #[OA\Property(type: 'array', description: 'When the set is open: everybody against the reference.', items: new OA\Items(ref: AgainstReferenceView::class))]
        public array $against,
        #[OA\Property(description: 'Students practise with its photographs and references.')]
        public bool $is_shown,
    ) {}

    /** @param StandardisingSet $set with its entries and their authors */
    public static function of(StandardisingSet $set, User $user): self
    {
        $document = Node::of($set->document, 'set');
        $criteria = array_map(static fn(Node $it): string => $it->at('id')->text(), $document->at('standard')->itemsOf('criteria'));
        $names = $set->entries->mapWithKeys(static fn(StandardisingEntry $it): array => [$it->by => $it->author->name])->all();
        $trays = array_map(static fn(Node $it): StandardisedTrayView => StandardisedTrayView::of($it, $set, $criteria, $user, $names), $document->itemsOf('trays'));

        return new self(
            $set->id,
            $set->title,
            $document->at('standard')->document(),
            $set->isOpen(),
            $set->isFinishedBy($user->id),
            array_values($set->entries->where('kind', StandardisingStep::Finished)->map(static fn(StandardisingEntry $it): string => $it->author->name)->unique()->all()),
            $trays,
            $set->isOpen() ? self::against($set, $trays, $criteria, $names) : [],
            $set->isShown(),
        );
    }

    /**
     * @param list<StandardisedTrayView> $trays
     * @param list<string>               $criteria
     * @param array<string, string>      $names
     *
     * @return list<AgainstReferenceView>
     */
    private static function against(StandardisingSet $set, array $trays, array $criteria, array $names): array
    {
        $pairs = [];
        foreach ($trays as $tray) {
            foreach ($criteria as $criterion) {
                $reference = $set->referenceOf($tray->label, $criterion)?->level();
                if ($reference === null) {
                    continue;
                }
                foreach ($set->levelsOf($tray->label, $criterion) as $by => $level) {
                    $pairs[$by][] = [$reference, $level];
                }
            }
        }

        return array_map(static fn(string $by, array $it): AgainstReferenceView => AgainstReferenceView::of($names[$by] ?? '', new LevelPairs($by, 1 + max(array_merge(...$it)), $it)), array_map(strval(...), array_keys($pairs)), $pairs);
    }
}
