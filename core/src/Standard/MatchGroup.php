<?php

declare(strict_types=1);

namespace DeftBlade\Core\Standard;

use DeftBlade\Core\Carcass\CutList;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;

/** Pieces that must weigh alike: most often a left and a right one. */
final readonly class MatchGroup
{
    private const MOST_TOLERANCE = 2;

    /**
     * @param non-empty-list<string> $pieces    ids, at least two
     * @param float|null             $tolerance null where the policy's holds
     */
    private function __construct(public array $pieces, public ?float $tolerance) {}

    public static function read(Node $node, CutList $cuts): self
    {
        if ($node->isList()) {
            $pieces = self::pieces($node, $cuts, MessageCode::PairOfTwo);

            return count($pieces) === 2 ? new self($pieces, null) : throw $node->fail(MessageCode::PairOfTwo);
        }
        $node->keys(['pieces'], ['tolerance']);

        return new self(
            self::pieces($node->at('pieces'), $cuts, MessageCode::GroupOfTwo),
            $node->has('tolerance') ? $node->at('tolerance')->positive(self::MOST_TOLERANCE) : null,
        );
    }

    public function isPair(): bool
    {
        return count($this->pieces) === 2 && $this->tolerance === null;
    }

    /** @return non-empty-list<string> */
    private static function pieces(Node $node, CutList $cuts, MessageCode $otherwise): array
    {
        $ids = array_map(static fn(Node $item): string => $item->text(), $node->items());
        foreach ($ids as $index => $id) {
            if (! isset($cuts->pieces[$id])) {
                throw $node->items()[$index]->fail(MessageCode::NotInStandard, ['list' => 'piece', 'id' => InvalidPackage::quote($id)]);
            }
        }

        return count($ids) >= 2 && array_unique($ids) === $ids ? $ids : throw $node->fail($otherwise);
    }
}
