<?php

declare(strict_types=1);

namespace DeftBlade\Core\Planning;

use DeftBlade\Core\Json\Node;

/** When trays come to the scale: at times that are known, or at random (Poisson) so many an hour. */
final readonly class Arrivals
{
    private const LONGEST_S = 86_400;

    public const MOST_TRAYS = 2_000;

    private const MOST_AN_HOUR = 3_600;

    /** @param list<float> $times seconds, in order; [] where they come at random */
    private function __construct(public array $times, public ?float $perSecond, public int $count) {}

    /** @param list<float> $seconds in any order */
    public static function at(array $seconds): self
    {
        sort($seconds);

        return new self($seconds, null, count($seconds));
    }

    public static function atRandom(float $perHour, int $count): self
    {
        return new self([], $perHour / 3600, $count);
    }

    public static function readTimes(Node $node): self
    {
        return self::at(array_map(static fn(Node $it): float => $it->number(0, self::LONGEST_S), $node->items()));
    }

    public static function readPoisson(Node $node): self
    {
        $node->keys(['per_hour', 'count']);

        return self::atRandom($node->at('per_hour')->positive(self::MOST_AN_HOUR), $node->at('count')->integer(1, self::MOST_TRAYS));
    }

    /** @return list<float> seconds, in order */
    public function draw(Chance $chance): array
    {
        if ($this->perSecond === null) {
            return $this->times;
        }
        $times = [];
        $now = 0.0;
        for ($tray = 0; $tray < $this->count; $tray++) {
            $times[] = $now += $chance->exponential(1 / $this->perSecond);
        }

        return $times;
    }
}
