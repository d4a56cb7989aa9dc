<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\PooledCarcassFile;
use OpenApi\Attributes as OA;

/** Weights of carcasses that another school gave. */
#[OA\Schema]
final readonly class PooledFileView
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public int $records,
    ) {}

    public static function of(PooledCarcassFile $it): self
    {
        return new self($it->id, $it->title, $it->records);
    }
}
