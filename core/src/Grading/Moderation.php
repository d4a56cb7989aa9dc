<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Json\Node;

/** How a school deals with two assessors of one tray. */
final readonly class Moderation
{
    private const MOST_LEVELS = 100;

    /** Of the trays of a class, marked twice whatever they came to. */
    public const USUAL_SHARE = 0.1;

    /**
     * @param int   $toleranceLevels levels that lie further apart are to be agreed
     * @param float $share           of the trays of a class, drawn to be marked twice
     * @param bool  $thirdAgrees     what is agreed is written down by somebody who marked in neither round
     */
    private function __construct(public int $toleranceLevels, public Combining $combine, public float $share, public bool $thirdAgrees) {}

    public static function read(Node $node): self
    {
        $node->keys(['tolerance_levels', 'combine'], ['share', 'third_agrees']);

        return new self(
            $node->at('tolerance_levels')->integer(0, self::MOST_LEVELS),
            $node->at('combine')->oneOf(Combining::class),
            $node->has('share') ? $node->at('share')->number(0, 1) : self::USUAL_SHARE,
            $node->has('third_agrees') && $node->at('third_agrees')->boolean(),
        );
    }
}
