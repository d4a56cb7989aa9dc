<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Sentence\Sentences;
use OpenApi\Attributes as OA;

/** One thing that is wrong, and where in the request it stands. */
#[OA\Schema(required: ['path', 'detail'])]
final readonly class PlacedError
{
    public function __construct(#[OA\Property] public string $path, #[OA\Property] public string $detail) {}

    public static function of(InvalidPackage $refused, Sentences $sentences): self
    {
        return new self($refused->path, $sentences->say($refused->problem));
    }
}
