<?php

declare(strict_types=1);

namespace DeftBlade\Core\Standard;

use DeftBlade\Core\Json\Node;

/** What must be in order at a station before the clock starts. */
final readonly class MiseList
{
    /** @param array<string, MiseItem> $items by id */
    private function __construct(public array $items) {}

    /** The list of the house for one species: what is meant for all, and what is meant for it. */
    public static function read(Node $node, string $species): self
    {
        $items = [];
        foreach ($node->at('items')->items() as $item) {
            $meant = array_map(static fn(Node $it): string => $it->text(), $item->keys(['id', 'title', 'safety', 'species'])->at('species')->items());
            if ($meant === [] || in_array($species, $meant, true)) {
                $id = $item->at('id')->identifier();
                $items[$id] = new MiseItem($id, $item->at('title')->text(), $item->at('safety')->boolean());
            }
        }

        return new self($items);
    }

    /**
     * @param list<string> $open ids of items that are not in order
     *
     * @return list<MiseItem> those of them that nobody should cut with
     */
    public function unsafe(array $open): array
    {
        return array_values(array_filter($this->items, static fn(MiseItem $it): bool => $it->isSafety && in_array($it->id, $open, true)));
    }
}
