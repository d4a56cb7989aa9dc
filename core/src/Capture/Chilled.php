<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** The product left the refrigerator, or went back. */
final readonly class Chilled extends Capture
{
    public function __construct(string $id, int $at, string $by, public ChillEvent $event)
    {
        parent::__construct($id, $at, $by);
    }
}
