<?php

declare(strict_types=1);

namespace DeftBlade\Core\Variant;

use DeftBlade\Core\Json\Node;

/** One answer to a question that kitchens answer differently, with its reason and what it changes in a standard. */
final readonly class Variant
{
    private function __construct(public string $key, public string $title, public string $reason, public VariantChanges $changes, public VariantEffects $effects) {}

    public static function read(Node $node): self
    {
        $node->keys(['key', 'title', 'reason', 'changes']);

        return new self($node->at('key')->identifier(), $node->at('title')->text(), $node->at('reason')->text(), new VariantChanges($node->at('changes')), new VariantEffects($node->at('changes')));
    }
}
