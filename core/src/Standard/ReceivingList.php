<?php

declare(strict_types=1);

namespace DeftBlade\Core\Standard;

use DeftBlade\Core\Json\Node;

/** What to look at on a carcass of one class of product as it comes in. */
final readonly class ReceivingList
{
    /** @param array<string, ReceivingItem> $items by id */
    private function __construct(public array $items) {}

    /** @param string|null $class of product; null or unknown: nothing is asked */
    public static function read(Node $node, ?string $class): self
    {
        $items = [];
        foreach ($class !== null && $node->has($class) ? $node->at($class)->items() : [] as $item) {
            $item->keys(['id', 'title', 'otherwise'], ['refuses', 'defects']);
            $id = $item->at('id')->identifier();
            $items[$id] = new ReceivingItem(
                $id,
                $item->at('title')->text(),
                $item->at('otherwise')->text(),
                $item->has('refuses') && $item->at('refuses')->boolean(),
                array_map(static fn(Node $it): string => $it->identifier(), $item->itemsOf('defects')),
            );
        }

        return new self($items);
    }

    /** @param callable(string): string $say says a text in the words of a school */
    public function said(callable $say): self
    {
        return new self(array_map(static fn(ReceivingItem $it): ReceivingItem => new ReceivingItem($it->id, $say($it->title), $say($it->otherwise), $it->refuses, $it->defects), $this->items));
    }

    /** The list for one standard: of the defects an item may be, those the standard excuses, a side of one too ("torn-skin", "broken-wing.left"). */
    public function for(Standard $standard): self
    {
        $known = array_map(strval(...), array_keys($standard->defects));
        $of = static fn(ReceivingItem $item): array => array_values(array_filter($known, static fn(string $it): bool => in_array(explode('.', $it)[0], $item->defects, true)));

        return new self(array_map(static fn(ReceivingItem $it): ReceivingItem => new ReceivingItem($it->id, $it->title, $it->otherwise, $it->refuses, $of($it)), $this->items));
    }
}
