<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Attempt;
use DeftBlade\Core\Json\Node;
use OpenApi\Attributes as OA;

/** A student's own released result in their list. */
#[OA\Schema]
final readonly class OwnResultView
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $attempt,
        #[OA\Property]
        public string $practical,
        #[OA\Property(format: 'date')]
        public string $held_on,
        #[OA\Property]
        public ?float $total,
        #[OA\Property]
        public ?string $band,
    ) {}

    public static function of(Attempt $attempt, \stdClass $sealed): self
    {
        $result = Node::of($sealed, 'result');

        return new self(
            $attempt->id,
            $attempt->assessment->title,
            $attempt->assessment->held_on->toDateString(),
            $result->at('total')->isNull() ? null : $result->at('total')->number(0, 100),
            $result->at('band')->isNull() ? null : $result->at('band')->text(),
        );
    }
}
