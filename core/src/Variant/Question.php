<?php

declare(strict_types=1);

namespace DeftBlade\Core\Variant;

use DeftBlade\Core\Carcass\Product;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;

/** Something that kitchens do differently, each with its reason. */
final readonly class Question
{
    /**
     * @param list<string>                     $products     classes of product it is asked of; none: of everything
     * @param non-empty-array<string, Variant> $variants     by key; the first is the default
     * @param bool                             $isAfterClass it is about what becomes of the cuts: asked of the school, of no standard
     */
    private function __construct(public string $key, public string $question, public array $products, public array $variants, public bool $isAfterClass) {}

    public static function read(Node $node): self
    {
        $node->keys(['key', 'question', 'products', 'options'], ['after_class']);
        $variants = [];
        foreach ($node->at('options')->items() as $item) {
            $variant = Variant::read($item);
            $variants[$variant->key] = $variant;
        }

        return new self(
            $node->at('key')->identifier(),
            $node->at('question')->text(),
            array_map(static fn(Node $it): string => $it->text(), $node->at('products')->items()),
            $variants ?: throw $node->at('options')->fail(MessageCode::MustNotBeEmpty),
            $node->has('after_class') && $node->at('after_class')->boolean(),
        );
    }

    /** Of a standard of this class of product. */
    public function isAskedOf(?Product $product): bool
    {
        return ! $this->isAfterClass && ($this->products === [] || ($product !== null && in_array($product->class, $this->products, true)));
    }

    public function default(): Variant
    {
        return $this->variants[array_key_first($this->variants)];
    }
}
