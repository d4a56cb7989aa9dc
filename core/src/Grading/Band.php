<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;

/** A named stretch of the scale, from its minimum up to the next. */
final readonly class Band
{
    private function __construct(public string $label, public float $min) {}

    public static function read(Node $node): self
    {
        $node->keys(['label', 'min'], ['title']);

        return new self($node->at('label')->identifier(), $node->at('min')->number(0, 100));
    }

    /** @return non-empty-list<self> highest minimum first */
    public static function readAll(Node $node): array
    {
        $bands = [];
        foreach ($node->items() as $item) {
            $band = $item->attempt(self::read(...));
            $other = $band === null ? null : self::alike($band, $bands);
            if ($other !== null) {
                $item->report($item->fail(MessageCode::BandTaken, ['band' => $band->label, 'other' => $other->label]));
            }
            $bands = $band === null ? $bands : [...$bands, $band];
        }
        usort($bands, static fn(self $a, self $b): int => $b->min <=> $a->min);
        if ($bands === [] || end($bands)->min > 0) {
            throw $node->fail(MessageCode::NoLowestBand);
        }

        return $bands;
    }

    /** @param list<self> $others */
    private static function alike(self $band, array $others): ?self
    {
        foreach ($others as $other) {
            if ($other->min === $band->min || $other->label === $band->label) {
                return $other;
            }
        }

        return null;
    }
}
