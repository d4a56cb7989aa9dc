<?php

declare(strict_types=1);

namespace DeftBlade\Core\Standard;

use DeftBlade\Core\Carcass\Product;
use DeftBlade\Core\Json\Node;

/** What must be in order at a station before the clock starts. */
final readonly class MiseList
{
    /** @param array<string, MiseItem> $items by id */
    private function __construct(public array $items) {}

    /**
     * The list of the school for one class of product; `{board}` and `{product}` in a title are what the product says. Without a product such a title is
     * left out.
     */
    public static function read(Node $node, ?Product $product): self
    {
        $items = [];
        foreach ($node->at('items')->items() as $item) {
            $item->keys(['id', 'title', 'safety']);
            $id = $item->at('id')->identifier();
            $title = $item->at('title')->text();
            if ($product !== null || ! str_contains($title, '{board}')) {
                $title = strtr($title, ['{board}' => $product->board ?? '', '{product}' => $product->title ?? '']);
                $items[$id] = new MiseItem($id, $title, $item->at('safety')->boolean());
            }
        }

        return new self($items);
    }

    /** @param callable(string): string $say says a text in the words of a school */
    public function said(callable $say): self
    {
        return new self(array_map(static fn(MiseItem $it): MiseItem => new MiseItem($it->id, $say($it->title), $it->isSafety), $this->items));
    }

    /** @return list<MiseItem> those that nobody should cut without */
    public function safetyItems(): array
    {
        return array_values(array_filter($this->items, static fn(MiseItem $it): bool => $it->isSafety));
    }

    /**
     * @param list<string> $open ids of items that are not in order
     *
     * @return list<MiseItem> those of them that nobody should cut with
     */
    public function unsafe(array $open): array
    {
        return array_values(array_filter($this->safetyItems(), static fn(MiseItem $it): bool => in_array($it->id, $open, true)));
    }
}
