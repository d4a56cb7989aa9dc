<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\GradedClass;
use App\Models\Attempt;
use DeftBlade\Core\Grading\PieceVerdict;
use DeftBlade\Core\Grading\Stage;
use DeftBlade\Core\Grading\Verdict;
use OpenApi\Attributes as OA;

/** A tray in a list: whose it is, how far it has come, what stands out. */
#[OA\Schema]
final readonly class TrayCardView
{
    /**
     * @param list<Flag>             $flags
     * @param array<string, Verdict> $verdicts
     */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $attempt,
        #[OA\Property]
        public int $station,
        #[OA\Property]
        public string $student,
        #[OA\Property(type: 'string', enum: Stage::class)]
        public Stage $stage,
        #[OA\Property]
        public ?float $total,
        #[OA\Property]
        public ?string $band,
        #[OA\Property(type: 'array', items: new OA\Items(ref: Flag::class))]
        public array $flags,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string', enum: Verdict::class), description: 'By piece.')]
        public array $verdicts,
        #[OA\Property]
        public bool $released,
    ) {}

    public static function of(Attempt $attempt, GradedClass $class): self
    {
        $result = $class->of($attempt->id);

        return new self(
            $attempt->id,
            $attempt->station,
            $attempt->student->name,
            Stage::of($result),
            $result->grade->total,
            $result->grade->band?->label,
            Flag::of($attempt, $class),
            array_column(array_map(static fn(PieceVerdict $it): array => [$it->piece->id, $it->verdict], $result->pieces), 1, 0),
            $attempt->release !== null,
        );
    }
}
