<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Attempt;
use App\Photos\Evidence;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\Standard;
use OpenApi\Attributes as OA;

/** One result with its reasons: as it stands now, or the sealed copy a student was shown. */
#[OA\Schema]
final readonly class VerdictView
{
    /**
     * @param list<string> $photos
     * @param list<string> $well
     */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $attempt,
        #[OA\Property(format: 'uuid')]
        public string $assessment,
        #[OA\Property]
        public string $student,
        #[OA\Property]
        public int $station,
        #[OA\Property]
        public string $practical,
        #[OA\Property(format: 'date')]
        public string $held_on,
        #[OA\Property(ref: '#/components/schemas/Standard')]
        public \stdClass $standard,
        #[OA\Property(ref: '#/components/schemas/Policy')]
        public \stdClass $policy,
        #[OA\Property]
        public TrayLayoutView $layout,
        #[OA\Property(ref: '#/components/schemas/AttemptResult')]
        public \stdClass $result,
        #[OA\Property]
        public ?SealView $seal,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'Photographs, by SHA-256.')]
        public array $photos,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'What was done well.')]
        public array $well,
    ) {}

    public static function of(Attempt $attempt, \stdClass $result, ?SealView $seal, Evidence $evidence): self
    {
        $assessment = $attempt->assessment;
        $standard = $assessment->document;

        return new self(
            $attempt->id,
            $assessment->id,
            $attempt->student->name,
            $attempt->station,
            $assessment->title,
            $assessment->held_on->toDateString(),
            $standard,
            $assessment->policy->document,
            TrayLayoutView::of($standard, Standard::read(Node::of($standard, 'standard'))),
            $result,
            $seal,
            $evidence->photos,
            $evidence->well,
        );
    }
}
