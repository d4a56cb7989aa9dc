<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Json\Node;

/** How a school deals with two assessors of one tray. */
final readonly class Moderation
{
    private const MOST_LEVELS = 100;

    /** @param int $toleranceLevels levels that lie further apart are to be agreed */
    private function __construct(public int $toleranceLevels, public Combining $combine) {}

    public static function read(Node $node): self
    {
        $node->keys(['tolerance_levels', 'combine']);

        return new self($node->at('tolerance_levels')->integer(0, self::MOST_LEVELS), $node->at('combine')->oneOf(Combining::class));
    }
}
