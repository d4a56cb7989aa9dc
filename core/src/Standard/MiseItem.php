<?php

declare(strict_types=1);

namespace DeftBlade\Core\Standard;

/** One thing to look at before the clock starts. */
final readonly class MiseItem
{
    public function __construct(public string $id, public string $title, public bool $isSafety) {}
}
