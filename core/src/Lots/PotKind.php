<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

use DeftBlade\Core\Json\Node;

/** How a school speaks of one use of pots. */
final readonly class PotKind
{
    /**
     * @param string       $title    what comes out of it
     * @param string       $asks     what goes into it
     * @param list<string> $cautions
     */
    private function __construct(public string $title, public string $asks, public array $cautions) {}

    public static function read(Node $node): self
    {
        $node->keys(['title', 'asks', 'cautions']);

        return new self($node->at('title')->text(), $node->at('asks')->text(), array_map(static fn(Node $it): string => $it->text(), $node->at('cautions')->items()));
    }
}
