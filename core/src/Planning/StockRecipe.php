<?php

declare(strict_types=1);

namespace DeftBlade\Core\Planning;

use DeftBlade\Core\Json\Node;

/** What a school makes of a kilogram of bones, and how long it simmers. */
final readonly class StockRecipe
{
    private const MOST_WATER_ML = 10_000;

    private const LONGEST_H = 48;

    /**
     * @param float $vegetableRatio of the bones, by mass
     * @param float $waterMlPerKg   of bones
     * @param float $fromHours      it simmers at least
     * @param float $toHours        and at most
     */
    private function __construct(
        public StockStyle $style,
        public float $vegetableRatio,
        public float $waterMlPerKg,
        public float $fromHours,
        public float $toHours,
    ) {}

    /**
     * Reads its own keys of a document; which others there may be is for who asks.
     *
     * @param float|null $ratio vegetables to bones, where the school has chosen otherwise
     */
    public static function of(Node $node, ?float $ratio = null): self
    {
        $hours = $node->at('hours')->keys(['from', 'to']);
        $from = $hours->at('from')->number(0, self::LONGEST_H);

        return new self(
            $node->at('style')->oneOf(StockStyle::class),
            $ratio ?? $node->at('vegetable_ratio')->number(0, 1),
            $node->at('water_ml_per_kg')->number(0, self::MOST_WATER_ML),
            $from,
            $hours->at('to')->number($from, self::LONGEST_H),
        );
    }
}
