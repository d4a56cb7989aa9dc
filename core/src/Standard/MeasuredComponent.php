<?php

declare(strict_types=1);

namespace DeftBlade\Core\Standard;

use DeftBlade\Core\Json\Node;

/** Components that come from weights and the clock; every other name is judged by criteria and faults. */
enum MeasuredComponent: string
{
    case Portion = 'portion';
    case Pairs = 'pairs';
    case Yield = 'yield';
    case Frame = 'frame';
    case Time = 'time';

    /** Reads the component a criterion or fault belongs to, which cannot be a measured one. */
    public static function readJudged(Node $node): string
    {
        $name = $node->identifier();

        return self::tryFrom($name) === null
            ? $name
            : throw $node->fail("$name is measured, not judged: a criterion or fault belongs to another component");
    }
}
