<?php

declare(strict_types=1);

namespace DeftBlade\Core\Standard;

use DeftBlade\Core\Carcass\CutList;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;

/** A defect of the carcass found at receiving, and the criteria and pieces it excuses. */
final readonly class Defect
{
    /**
     * @param list<string> $criteria
     * @param list<string> $pieces
     */
    private function __construct(public string $id, public string $title, public array $criteria, public array $pieces) {}

    /** @param array<string, Criterion> $criteria */
    public static function read(Node $node, CutList $cuts, array $criteria): self
    {
        $node->keys(['id', 'excuses'], ['title']);
        $excused = ['criterion' => [], 'piece' => []];
        foreach ($node->at('excuses')->items() as $item) {
            [$what, $id] = explode(':', $item->text(), 2) + [1 => ''];
            $known = match ($what) {
                'criterion' => isset($criteria[$id]),
                'piece' => isset($cuts->pieces[$id]),
                default => throw $item->fail(MessageCode::ExcusePrefix),
            };
            if (! $known) {
                throw $item->fail(MessageCode::NotInStandard, ['list' => $what, 'id' => InvalidPackage::quote($id)]);
            }
            $excused[$what][] = $id;
        }
        $id = $node->at('id')->identifier();

        return new self($id, $node->textOf('title', $id), $excused['criterion'], $excused['piece']);
    }
}
