<?php

declare(strict_types=1);

namespace DeftBlade\Core\Agreement;

use DeftBlade\Core\Compute\Computation;
use DeftBlade\Core\Compute\Format;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;

/** Whether two assessors see the same tray: criterion by criterion, and in the totals. */
final readonly class Agreement implements Computation
{
    private const MOST_TOTAL = 1_000_000;

    private const LEAST_SURE = 0.5;

    private const MOST_SURE = 0.9999;

    /** @param list<LevelPairs> $criteria */
    private function __construct(public float $confidence, public array $criteria, public ?RatedTotals $totals) {}

    public static function summary(): string
    {
        return 'whether assessors see the same tray';
    }

    public static function read(Node $node): self
    {
        Format::check($node, 'agreement', ['confidence', 'criteria', 'totals']);
        $confidence = $node->at('confidence')->number(self::LEAST_SURE, self::MOST_SURE);
        $criteria = [];
        foreach ($node->at('criteria')->items() as $item) {
            $pairs = LevelPairs::read($item);
            if (isset($criteria[$pairs->id])) {
                throw $item->at('id')->fail(MessageCode::IdTaken, ['id' => $pairs->id]);
            }
            $criteria[$pairs->id] = $pairs;
        }

        return new self($confidence, array_values($criteria), self::totals($node->at('totals')));
    }

    public function answer(): array
    {
        return ['criteria' => array_map(static fn(LevelPairs $it): array => $it->answer(), $this->criteria), 'totals' => $this->totals?->answer($this->confidence)];
    }

    private static function totals(Node $node): ?RatedTotals
    {
        $rows = $node->items();
        if ($rows === []) {
            return null;
        }
        if (count($rows) < 2) {
            throw $node->fail(MessageCode::TooFew, ['least' => 2]);
        }
        $raters = max(2, count($rows[0]->items()));
        $totals = [];
        foreach ($rows as $row) {
            $totals[] = array_map(static fn(Node $it): float => $it->number(-self::MOST_TOTAL, self::MOST_TOTAL), $row->itemsOfCount($raters));
        }

        return new RatedTotals($totals);
    }
}
