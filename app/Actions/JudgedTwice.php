<?php

declare(strict_types=1);

namespace App\Actions;

use DeftBlade\Core\Standard\Criterion;

/** A criterion that was judged twice somewhere, as its latest standard words it. */
final readonly class JudgedTwice
{
    /** @param string $standard title of that standard */
    public function __construct(public Criterion $criterion, public string $standard, public string $publishedId) {}
}
