<?php

declare(strict_types=1);

namespace DeftBlade\Core\Standard;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;

/** How a standard refines its carcass: a part, on each side it has, is divided into others by fixed shares of itself, so that the partition stays exact. */
final readonly class PartSplit
{
    private const SLACK = 1e-9;

    /** @param Node $split by the part's name without its side: the parts it becomes, each `{title, share}` */
    public function __construct(private Node $split) {}

    /** @return list<\stdClass> the part itself, or what it is split into */
    public function of(Node $part): array
    {
        [$stem, $side] = explode('.', $part->at('id')->text(), 2) + [1 => ''];
        if (! $this->split->has($stem)) {
            return [$part->document()];
        }
        $into = $this->split->at($stem);
        $parts = [];
        $sum = 0.0;
        foreach (array_map(strval(...), array_keys(get_object_vars($into->document()))) as $name) {
            $share = $into->at($name)->at('share')->positive(1);
            $sum += $share;
            $parts[] = (object) array_filter([
                'id' => $side === '' ? $name : "$name.$side",
                'title' => $into->at($name)->at('title')->text().($side === '' ? '' : ", $side"),
                'kind' => $part->textOf('kind', ''),
                'share' => $part->at('share')->number(0, 1) * $share,
            ]);
        }

        return abs($sum - 1) < self::SLACK ? $parts : throw $into->fail(MessageCode::SplitSum);
    }
}
