<?php

declare(strict_types=1);

namespace DeftBlade\Core\Carcass;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;

/** A piece that is a set: how many portions it has and, where they must be alike, how uneven they may be before it costs. */
final readonly class Portions
{
    public const MOST = 200;

    private const MOST_LIMIT = 2;

    private function __construct(public int $count, public ?EvennessMeasure $measure, public float $limit) {}

    public static function read(Node $node): self
    {
        $node->keys(['count'], array_column(EvennessMeasure::cases(), 'value'));
        $limits = array_values(array_filter(EvennessMeasure::cases(), static fn(EvennessMeasure $it): bool => $node->has($it->value)));
        if (count($limits) > 1) {
            throw $node->fail(MessageCode::OneEvennessMeasure);
        }
        $measure = $limits[0] ?? null;
        $limit = $measure === null ? 0.0 : $node->at($measure->value)->positive(self::MOST_LIMIT);

        return new self($node->at('count')->integer(2, self::MOST), $measure, $limit);
    }

    /** Of a container, whose portions are counted and not compared. */
    public static function readCount(Node $node): int
    {
        $node->keys(['count']);

        return $node->at('count')->integer(2, self::MOST);
    }
}
