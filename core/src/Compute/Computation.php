<?php

declare(strict_types=1);

namespace DeftBlade\Core\Compute;

use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;

/** A question the core answers beside grading: a document in, a document out. Its JSON Schemas are in docs/formats, under its name. */
interface Computation
{
    /** What it answers, in a few words. */
    public static function summary(): string;

    /** @throws InvalidPackage naming the path of what is wrong */
    public static function read(Node $node): self;

    /** @return array<string, mixed> as JSON; null for what cannot be said */
    public function answer(): array;
}
