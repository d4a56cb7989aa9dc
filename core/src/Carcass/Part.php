<?php

declare(strict_types=1);

namespace DeftBlade\Core\Carcass;

use DeftBlade\Core\Json\Node;

/** One part of a carcass: its share of the carcass as purchased and the standard deviation of that share between carcasses. */
final readonly class Part
{
    private function __construct(
        public string $id,
        public string $title,
        public float $share,
        public float $sd,
        public PartKind $kind,
    ) {}

    public static function read(Node $node): self
    {
        $node->keys(['id', 'share'], ['title', 'sd', 'kind']);
        $id = $node->at('id')->identifier();
        $share = $node->at('share')->number(0, 1);
        $kind = $node->has('kind') ? $node->at('kind')->oneOf(PartKind::class) : PartKind::Meat;
        $sd = $node->has('sd') ? $node->at('sd')->number(0, 1) : $share * $kind->defaultSpread();

        return new self($id, $node->textOf('title', $id), $share, $sd, $kind);
    }
}
