<?php

declare(strict_types=1);

namespace App\Actions;

/** How one component came out in a class, beside earlier ones. */
final readonly class ComponentLook
{
    /**
     * @param list<float> $scores  of the class, the lowest first
     * @param list<float> $earlier of all earlier classes together, the lowest first
     */
    public function __construct(public string $title, public array $scores, public array $earlier) {}
}
