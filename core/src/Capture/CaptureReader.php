<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\Standard;

/** Reads facts by the fields of their kind, against the standard whose pieces, criteria, faults, … they name. */
final readonly class CaptureReader
{
    public function __construct(public Standard $standard) {}

    /** @throws InvalidPackage */
    public function read(Node $node): Capture
    {
        $fact = $node->at('kind')->oneOf(CaptureKind::class)->fact();
        $values = (new FactFields($fact::fields()))->read($node, $this->standard);

        return $fact::of(CaptureHead::read($node), $values);
    }
}
