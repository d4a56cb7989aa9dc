<?php

declare(strict_types=1);

namespace DeftBlade\Core\Standard;

use DeftBlade\Core\Json\InvalidPackage;

/** A document read to the end: what could be read of it, and everything that is wrong with it. */
final readonly class Examination
{
    /** @param list<InvalidPackage> $problems in the order of reading */
    public function __construct(public ?Standard $standard, public array $problems) {}
}
