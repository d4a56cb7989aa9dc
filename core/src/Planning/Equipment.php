<?php

declare(strict_types=1);

namespace DeftBlade\Core\Planning;

use DeftBlade\Core\Carcass\Product;
use DeftBlade\Core\Json\Node;

/** A thing to put out before a practical, and how many of it. */
final readonly class Equipment
{
    private const MOST = 100;

    public function __construct(public string $title, public int $count) {}

    /**
     * The list of the school for one class of product.
     *
     * @return list<self>
     */
    public static function read(Node $node, ?Product $product, int $benches, int $students, int $scales): array
    {
        $list = [];
        foreach ($node->at('items')->items() as $item) {
            $item->keys(['title', 'per', 'count']);
            $title = $item->at('title')->text();
            if ($product === null && str_contains($title, '{board}')) {
                continue;
            }
            $times = match ($item->at('per')->oneOf(Per::class)) {
                Per::Bench => $benches,
                Per::Student => $students,
                Per::Scale => $scales,
                Per::Room => 1,
            };
            $list[] = new self(strtr($title, ['{board}' => $product->board ?? '', '{product}' => $product->title ?? '']), $times * $item->at('count')->integer(1, self::MOST));
        }

        return $list;
    }
}
