<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

use DeftBlade\Core\Capture\CaptureHead;
use DeftBlade\Core\Capture\FactFields;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;

/** Reads facts about lots by the fields of their kind. */
final class LotFactReader
{
    /** @throws InvalidPackage */
    public static function read(Node $node): LotFact
    {
        $fact = $node->at('kind')->oneOf(LotFactKind::class)->fact();
        $values = (new FactFields($fact::fields()))->read($node);

        return $fact::of(CaptureHead::read($node), $values);
    }
}
