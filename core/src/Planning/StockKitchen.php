<?php

declare(strict_types=1);

namespace DeftBlade\Core\Planning;

use DeftBlade\Core\Json\Node;

/** How a school makes stock of each class of product, and in which pots. */
final readonly class StockKitchen
{
    /** The bin of a standard whose bones go into the pot. */
    public const BIN = 'stock';

    /**
     * @param array<string, array{StockGroup, StockRecipe}> $recipes by class of product
     * @param float                                         $fill    how full a pot is made
     */
    private function __construct(public int $potMl, private float $fill, private array $recipes) {}

    /** @param array<string, string> $answers the variant of practice the school chose, by question */
    public static function read(Node $node, array $answers): self
    {
        $node->keys(['pot_ml', 'fill', 'classes', 'vegetables']);
        $vegetables = $node->at('vegetables')->keys(['question', 'ratios']);
        $answer = $answers[$vegetables->at('question')->identifier()] ?? null;
        $ratio = $answer === null || ! $vegetables->at('ratios')->has($answer) ? null : $vegetables->at('ratios')->at($answer)->number(0, 1);
        $recipes = [];
        foreach (array_keys(get_object_vars($node->at('classes')->document())) as $class) {
            $recipe = $node->at('classes')->at($class)->keys(['group', 'style', 'vegetable_ratio', 'water_ml_per_kg', 'hours']);
            $recipes[(string) $class] = [$recipe->at('group')->oneOf(StockGroup::class), StockRecipe::of($recipe, $ratio)];
        }

        return new self($node->at('pot_ml')->integer(1, StockPot::MOST_ML), $node->at('fill')->positive(1), $recipes);
    }

    /**
     * Stock from the bones of one class of product, in as many pots as it takes.
     *
     * @return Stock|null null where there are no bones, or nothing is made of that class here
     */
    public function stock(string $class, float $bonesMg): ?Stock
    {
        [$group, $recipe] = $this->recipes[$class] ?? [null, null];
        if ($group === null || $recipe === null || $bonesMg <= 0) {
            return null;
        }
        $pots = (int) ceil(Stock::volumeOf($bonesMg, $recipe) / ($this->fill * $this->potMl) - 1e-9);

        return new Stock($group, $bonesMg, $recipe, array_map(fn(int $pot): StockPot => new StockPot((string) $pot, $this->potMl), range(1, $pots)), $this->fill, null);
    }
}
