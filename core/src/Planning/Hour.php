<?php

declare(strict_types=1);

namespace DeftBlade\Core\Planning;

/** The hour in waves: who works when and at which bench. Students keep their order; each wave has as many as the others, the first ones one more. */
final readonly class Hour
{
    /** @param list<Turn> $turns in the order of the students */
    private function __construct(public array $turns) {}

    /**
     * @param list<Work> $works
     * @param int        $benches in the room
     * @param int        $waves   at least as many are made as the benches need
     * @param float      $gapS    from the start of one wave to the next, at least
     * @param float      $miseS   to set a bench up
     * @param float      $cleanS  to clean it, before the next wave sets up
     */
    public static function of(array $works, int $benches, int $waves, float $gapS, float $miseS, float $cleanS): self
    {
        $turns = [];
        $free = array_fill(1, $benches, 0.0);
        $start = -$gapS;
        $next = 0;
        foreach (EvenParts::of(count($works), max($waves, intdiv(count($works) + $benches - 1, $benches))) as $wave => $size) {
            $members = array_slice($works, $next, $size);
            $bench = static fn(int $of): int => ($next + $of) % $benches + 1;
            $start = max([$start + $gapS, ...array_map(static fn(int $of): float => $free[$bench($of)] + $miseS, array_keys($members))]);
            foreach ($members as $of => $work) {
                // The trays of a wave are taken to come evenly between standard time and limit (common practice: nobody comes much before, few at the very end).
                $present = $work->standardS + ($of + 0.5) / $size * ($work->limitS - $work->standardS);
                $free[$bench($of)] = $start + $work->limitS + $cleanS;
                $turns[] = new Turn($wave + 1, $bench($of), $start, $start + $work->standardS, $start + $work->limitS, $free[$bench($of)], $start + $present);
            }
            $next += $size;
        }

        return new self($turns);
    }

    /**
     * The same hour with trays on shared pans: a pan goes to the scale when the last of its students is done.
     *
     * @param array<int, int> $pans the pan by student, in their order; who has a tray of their own is not in it
     */
    public function onPans(array $pans): self
    {
        $done = [];
        foreach ($this->turns as $index => $turn) {
            if (isset($pans[$index])) {
                $done[$pans[$index]] = max($done[$pans[$index]] ?? 0.0, $turn->presentS);
            }
        }

        return new self(array_map(static fn(Turn $turn, int $index): Turn => isset($pans[$index]) ? $turn->presentedAt($done[$pans[$index]]) : $turn, $this->turns, array_keys($this->turns)));
    }

    public function waves(): int
    {
        return max([0, ...array_map(static fn(Turn $it): int => $it->wave, $this->turns)]);
    }

    /** When the last bench is clean; 0 where nobody works. */
    public function freeS(): float
    {
        return max([0.0, ...array_map(static fn(Turn $it): float => $it->freeS, $this->turns)]);
    }

    public function arrivals(): Arrivals
    {
        return Arrivals::at(array_map(static fn(Turn $it): float => $it->presentS, $this->turns));
    }
}
