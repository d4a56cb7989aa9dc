<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\TriedResult;
use OpenApi\Attributes as OA;

/** A result as it stands, and as it would be. */
#[OA\Schema]
final readonly class TriedResultView
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $attempt,
        #[OA\Property]
        public int $station,
        #[OA\Property]
        public string $student,
        #[OA\Property]
        public ?float $total,
        #[OA\Property]
        public ?string $band,
        #[OA\Property]
        public ?float $new_total,
        #[OA\Property]
        public ?string $new_band,
    ) {}

    public static function of(TriedResult $tried): self
    {
        $row = $tried->attempt->row;

        return new self($tried->attempt->id, $row->station, $tried->attempt->student->name, $row->total, $row->band, $tried->total, $tried->band);
    }
}
