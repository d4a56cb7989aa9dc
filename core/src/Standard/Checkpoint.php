<?php

declare(strict_types=1);

namespace DeftBlade\Core\Standard;

use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;

/** A judged stop on the way: what is judged there, and the split time it should be reached in. The split earns no marks; the whole time does. */
final readonly class Checkpoint
{
    /** @param list<string> $criteria ids of those judged at the stop */
    private function __construct(public string $id, public string $title, public array $criteria, public ?TimeAllowance $time) {}

    /** @param array<string, Criterion> $criteria by id */
    public static function read(Node $node, array $criteria): self
    {
        $node->keys(['id'], ['title', 'criteria', 'time']);
        $id = $node->at('id')->identifier();
        $judged = [];
        foreach ($node->itemsOf('criteria') as $item) {
            $criterion = $item->text();
            if (! isset($criteria[$criterion]) || isset($judged[$criterion])) {
                throw $item->fail(...isset($judged[$criterion]) ? [MessageCode::StandsTwice, ['id' => $criterion]] : [MessageCode::NotInStandard, ['list' => 'criterion', 'id' => InvalidPackage::quote($criterion)]]);
            }
            $judged[$criterion] = true;
        }

        return new self($id, $node->textOf('title', $id), array_map(strval(...), array_keys($judged)), $node->has('time') ? TimeAllowance::read($node->at('time')) : null);
    }
}
