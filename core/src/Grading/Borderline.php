<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

/** Something small that would have put the attempt into another band: the trays a second assessor should see. */
final readonly class Borderline
{
    public function __construct(public string $cause, public string $band) {}
}
