<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Lots\ProductName;
use DeftBlade\Core\Vocabulary\Vocabulary;
use OpenApi\Attributes as OA;

/** Something that lots are of. */
#[OA\Schema]
final readonly class ProductNameView
{
    private function __construct(
        #[OA\Property]
        public string $species,
        #[OA\Property]
        public string $product,
        #[OA\Property(description: 'In the words of the book, marked ({drumstick}): two products of one name may be of different cuts.')]
        public string $marked,
        #[OA\Property(description: 'In the words of the school.')]
        public string $title,
    ) {}

    public static function of(ProductName $name, Vocabulary $words): self
    {
        return new self($name->species, $name->product, $name->title, $words->say($name->title));
    }
}
