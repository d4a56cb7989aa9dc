<?php

declare(strict_types=1);

namespace DeftBlade\Core\Compute;

use DeftBlade\Core\Json\Node;

/** The name and version a document says it has: `deft-blade.order/1`. */
final class Format
{
    /**
     * @param string       $name     of the computation
     * @param list<string> $required keys beside the format
     * @param list<string> $optional
     */
    public static function check(Node $node, string $name, array $required, array $optional = []): void
    {
        $format = "deft-blade.$name/1";
        if ($node->at('format')->text() !== $format) {
            throw $node->at('format')->noneOf($node->at('format')->text(), [$format]);
        }
        $node->keys(['format', ...$required], $optional);
    }
}
