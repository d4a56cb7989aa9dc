<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Capture;
use App\Models\PublishedStandard;
use App\Models\StandardDraft;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Standard;
use OpenApi\Attributes as OA;

/** A draft as it was last saved. */
#[OA\Schema]
final readonly class DraftView
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(description: 'What a change is made to (If-Match).')]
        public int $version,
        #[OA\Property(ref: '#/components/schemas/Standard')]
        public \stdClass $document,
        #[OA\Property(format: 'date-time')]
        public string $saved_at,
        #[OA\Property(description: 'The latest published version of its key; null where there is none.')]
        public ?ShelfItemView $base,
        #[OA\Property(description: 'Null where no plan knows the carcass.')]
        public ?PlanView $plan,
        #[OA\Property(description: 'The usual AP weight, in mg; null where it is not known.')]
        public ?int $usual_mg,
        #[OA\Property(description: 'The school brought the carcass: its parts may come and go.')]
        public bool $is_own_carcass,
    ) {}

    public static function of(StandardDraft $draft, ShippedDocuments $shipped): self
    {
        $examination = Standard::examine($draft->document);
        $carcass = $examination->standard?->carcass;
        $key = $draft->document->key ?? null;
        $base = is_string($key) ? PublishedStandard::latestOf($key) : null;
        $plan = $carcass === null ? null : $shipped->planOf($carcass);

        return new self(
            $draft->id,
            $draft->version,
            $draft->document,
            $draft->saved_at->utc()->format(Capture::AT_FORMAT),
            $base === null ? null : ShelfItemView::of($base->loadCount('assessments'), StandardInBrief::of($base->document, Standard::read(Node::of($base->document, 'standard')), null)),
            $plan === null ? null : PlanView::of(Node::of($plan, 'plan')),
            $carcass === null ? null : $shipped->typicalMassOf($carcass)?->usual->mg,
            $carcass === null || ! $shipped->hasCarcass($carcass->key),
        );
    }
}
