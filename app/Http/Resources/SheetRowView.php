<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\ReleaseState;
use App\Models\Attempt;
use DeftBlade\Core\Grading\Status;
use OpenApi\Attributes as OA;

/** One student on the class sheet. Scores by component id, null while pending or dropped. */
#[OA\Schema]
final readonly class SheetRowView
{
    /** @param list<FlagView> $flags */
    private function __construct(
        #[OA\Property]
        public string $attempt,
        #[OA\Property]
        public int $station,
        #[OA\Property]
        public string $student,
        #[OA\Property(type: 'string', enum: Status::class)]
        public Status $status,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'number', nullable: true))]
        public \stdClass $scores,
        #[OA\Property]
        public ?float $total,
        #[OA\Property]
        public ?string $band,
        #[OA\Property]
        public ?float $portion_yield,
        #[OA\Property]
        public ?float $loss,
        #[OA\Property(type: 'array', items: new OA\Items(ref: FlagView::class))]
        public array $flags,
        #[OA\Property(description: 'The version the student sees; null while there is none.')]
        public ?ReleaseView $release,
        #[OA\Property(type: 'string', enum: ReleaseState::class)]
        public ReleaseState $release_state,
    ) {}

    /** @param list<FlagView> $flags */
    public static function of(Attempt $attempt, array $flags): self
    {
        $row = $attempt->row;

        return new self(
            $attempt->id,
            $row->station,
            $attempt->student->name,
            $row->status,
            $row->scores,
            $row->total,
            $row->band,
            $row->portion_yield,
            $row->loss,
            $flags,
            $attempt->release === null ? null : ReleaseView::of($attempt->release),
            ReleaseState::of($attempt),
        );
    }
}
