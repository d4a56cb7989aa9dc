<?php

declare(strict_types=1);

namespace DeftBlade\Core\Planning;

use DeftBlade\Core\Json\Node;

/** Where on which large pan a student presents. */
final readonly class PanPlace
{
    public const MOST_TO_A_PAN = 4;

    private const MOST_PANS = 999;

    /**
     * @param int $pan from 1, over the whole practical
     * @param int $of  how many share the pan
     */
    public function __construct(public int $pan, public Zone $zone, public int $of) {}

    public static function read(Node $node): self
    {
        $node->keys(['pan', 'zone', 'of']);

        return new self($node->at('pan')->integer(1, self::MOST_PANS), $node->at('zone')->oneOf(Zone::class), $node->at('of')->integer(1, self::MOST_TO_A_PAN));
    }

    /** @return array{pan: int, zone: string, of: int} as `read` reads it */
    public function written(): array
    {
        return ['pan' => $this->pan, 'zone' => $this->zone->value, 'of' => $this->of];
    }

    /**
     * Neighbours share a pan, and only within a wave: a pan goes to the scale as a whole. The pans of a wave have as many students as each other, the first ones one more.
     *
     * @param list<int> $waves    of the students, in the order of stations
     * @param int       $perPan   2 to 4, at most so many to a pan
     * @param int       $firstPan the number of the first pan
     *
     * @return list<self> one a student
     */
    public static function share(array $waves, int $perPan, int $firstPan = 1): array
    {
        $places = [];
        $pan = $firstPan - 1;
        foreach (self::runs($waves) as $students) {
            foreach (EvenParts::of($students, intdiv($students + $perPan - 1, $perPan)) as $size) {
                $pan++;
                foreach (array_slice(Zone::cases(), 0, $size) as $zone) {
                    $places[] = new self($pan, $zone, $size);
                }
            }
        }

        return $places;
    }

    /**
     * @param list<int> $waves
     *
     * @return list<int> how many neighbours are in the same wave, stretch by stretch
     */
    private static function runs(array $waves): array
    {
        $runs = [];
        foreach ($waves as $index => $wave) {
            $runs[] = $index > 0 && $waves[$index - 1] === $wave ? (array_pop($runs) ?? 0) + 1 : 1;
        }

        return $runs;
    }
}
