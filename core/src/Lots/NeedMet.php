<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

/** A need, and what there is for it. */
final readonly class NeedMet
{
    /** @param array<string, int> $takenMg by lot, what must go first first */
    public function __construct(public Need $need, public array $takenMg, public int $shortMg) {}
}
