<?php

declare(strict_types=1);

namespace DeftBlade\Core\Carcass;

use DeftBlade\Core\Json\Node;

/** What class of raw product a carcass is, with what goes with that: the colour of its board, and how long it may be out of the refrigerator. */
final readonly class Product
{
    private const MOST_MINUTES = 240;

    private function __construct(
        /** Such as poultry, fish, meat: what is asked and looked at for one of a class is for all of it. */
        public string $class,
        /** As it stands on the board, such as "raw poultry". */
        public string $title,
        public string $board,
        public int $coldLimitMs,
    ) {}

    public static function read(Node $node): self
    {
        $node->keys(['class', 'title', 'board', 'cold_limit_minutes']);

        return new self(
            $node->at('class')->identifier(),
            $node->at('title')->text(),
            $node->at('board')->text(),
            $node->at('cold_limit_minutes')->integer(1, self::MOST_MINUTES) * 60_000,
        );
    }
}
