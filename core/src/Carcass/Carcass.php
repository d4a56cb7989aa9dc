<?php

declare(strict_types=1);

namespace DeftBlade\Core\Carcass;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;

/** A carcass as the list of its parts; their shares add up to 1, purge included. */
final readonly class Carcass
{
    private const SUM_TOLERANCE = 0.001;

    /** @param array<string, Part> $parts by id */
    private function __construct(public string $key, public string $title, public array $parts) {}

    public static function read(Node $node): self
    {
        $node->keys(['key', 'parts'], ['title']);
        $parts = [];
        foreach ($node->at('parts')->items() as $item) {
            $part = $item->attempt(Part::read(...));
            if ($part === null) {
                continue;
            }
            if (isset($parts[$part->id])) {
                $item->report($item->at('id')->fail(MessageCode::IdTaken, ['id' => $part->id]));
            }
            $parts[$part->id] = $part;
        }
        $sum = array_sum(array_map(static fn(Part $part): float => $part->share, $parts));
        if (abs($sum - 1) > self::SUM_TOLERANCE + 1e-12) {
            $node->report($node->at('parts')->fail(MessageCode::ShareSum, ['sum' => round($sum, 4), 'within' => self::SUM_TOLERANCE]));
        }
        $key = $node->at('key')->identifier();

        return new self($key, $node->textOf('title', $key), $parts);
    }

    /** @return list<string> what the ids of paired parts end with, such as ".left" */
    public function sides(): array
    {
        $ends = array_map(static fn(Part $part): string => (string) strstr($part->id, '.'), $this->parts);

        return array_values(array_filter(array_unique($ends)));
    }

    /** @param list<string> $stems parts without their side */
    public function shareOf(array $stems): float
    {
        $named = array_filter($this->parts, static fn(Part $part): bool => in_array(explode('.', $part->id)[0], $stems, true));

        return array_sum(array_map(static fn(Part $part): float => $part->share, $named));
    }

    /** @param list<string> $ids */
    public function expectationOf(array $ids): Expectation
    {
        $share = 0.0;
        $variance = 0.0;
        foreach ($ids as $id) {
            $share += $this->parts[$id]->share;
            $variance += $this->parts[$id]->sd ** 2;
        }

        return new Expectation($share, sqrt($variance));
    }
}
