<?php

declare(strict_types=1);

namespace DeftBlade\Core\Standard;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;

/** Portion yield as shares of AP: none at or under the floor, full marks at or over the target. */
final readonly class YieldTarget
{
    private function __construct(public float $floor, public float $target) {}

    public static function read(Node $node): self
    {
        $floor = $node->at('floor')->number(0, 1);
        $target = $node->at('target')->number(0, 1);

        return $target > $floor ? new self($floor, $target) : throw $node->at('target')->fail(MessageCode::NotAbove, ['key' => 'floor']);
    }
}
