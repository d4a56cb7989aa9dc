<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** What is wrong with a row of a file. */
#[OA\Schema]
final readonly class RowProblemView
{
    public function __construct(#[OA\Property] public int $line, #[OA\Property] public string $text) {}
}
