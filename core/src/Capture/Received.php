<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

use DeftBlade\Core\Weighing\Mass;

/** The carcass as purchased (AP weight), and the defects found on it. */
final readonly class Received extends Capture
{
    /** @param list<string> $defects */
    public function __construct(string $id, int $at, string $by, public Mass $mass, public array $defects, public ?string $tag = null)
    {
        parent::__construct($id, $at, $by);
    }

    public function slot(): string
    {
        return 'received';
    }
}
