<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** A remark in words. */
final readonly class Noted extends Capture
{
    public function __construct(string $id, int $at, string $by, public string $text)
    {
        parent::__construct($id, $at, $by);
    }
}
