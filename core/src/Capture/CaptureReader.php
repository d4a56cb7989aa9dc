<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\Standard;

/** Reads facts by the fields of their kind, against the standard whose pieces, criteria, faults, … they name. */
final class CaptureReader
{
    /** @var array<string, FactFields> by kind: a class has thousands of facts of a few kinds */
    private array $fields = [];

    public function __construct(public readonly Standard $standard) {}

    /** @throws InvalidPackage */
    public function read(Node $node): Capture
    {
        $kind = $node->at('kind')->oneOf(CaptureKind::class);
        $fact = $kind->fact();
        $values = ($this->fields[$kind->value] ??= new FactFields($fact::fields()))->read($node, $this->standard);

        return $fact::of(CaptureHead::read($node), $values);
    }
}
