<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\GradedClass;
use App\Models\Attempt;
use DeftBlade\Core\Balance\BalanceState;
use DeftBlade\Core\Grading\Status;
use OpenApi\Attributes as OA;

/** One student on the class sheet. Scores by component id, null while pending or dropped. */
#[OA\Schema]
final readonly class SheetRowView
{
    /**
     * @param list<Flag>                $flags
     * @param array<string, float|null> $scores
     */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $attempt,
        #[OA\Property]
        public int $station,
        #[OA\Property]
        public string $student,
        #[OA\Property(type: 'string', enum: Status::class)]
        public Status $status,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'number', nullable: true))]
        public array $scores,
        #[OA\Property]
        public ?float $total,
        #[OA\Property]
        public ?string $band,
        #[OA\Property]
        public ?float $portion_yield,
        #[OA\Property]
        public ?float $loss,
        #[OA\Property(type: 'array', items: new OA\Items(ref: Flag::class))]
        public array $flags,
        #[OA\Property]
        public bool $released,
    ) {}

    public static function of(Attempt $attempt, GradedClass $class): self
    {
        $result = $class->of($attempt->id);
        // While weights are still to come, what is missing is not yet a loss.
        $isWeighed = $result->balance->state !== BalanceState::Open || $result->status === Status::Final;
        $scores = [];
        foreach ($result->scores as $score) {
            $scores[$score->component->id()] = $score->score;
        }

        return new self(
            $attempt->id,
            $attempt->station,
            $attempt->student->name,
            $result->status,
            $scores,
            $result->grade->total,
            $result->grade->band?->label,
            $isWeighed ? $result->yields?->portion : null,
            $isWeighed ? $result->yields?->loss : null,
            Flag::of($attempt, $class),
            $attempt->release !== null,
        );
    }
}
