<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

/** So many guests, from what is on hand: first expired, first out. */
final readonly class Serving
{
    /**
     * @param int         $perPlate pieces on a plate; 0 where nothing is counted in pieces
     * @param int         $plateMg  what a guest gets
     * @param int         $covers   how many guests there is enough for
     * @param list<Taken> $taken    for the guests asked for, in the order of use-by
     * @param int         $shortMg  what lacks for them
     * @param int         $overMg   what is left when they are served
     */
    private function __construct(public int $perPlate, public int $plateMg, public int $covers, public array $taken, public int $shortMg, public int $overMg) {}

    /**
     * @param list<OnShelf> $shelf    in the order in which it must be gone; frozen lots last
     * @param int|null      $pieceMg  what a piece weighs; null where it is no piece (mince, fat)
     * @param int           $targetMg what a guest should get, more than 0
     */
    public static function of(array $shelf, ?int $pieceMg, int $targetMg, int $guests): self
    {
        $isCounted = $pieceMg !== null && $pieceMg > 0;
        $perPlate = $isCounted ? max(1, (int) round($targetMg / $pieceMg)) : 0;
        $plate = $isCounted ? $perPlate * $pieceMg : $targetMg;
        $onHand = array_sum(array_map(static fn(OnShelf $it): int => $it->massMg, $shelf));
        $missing = $guests * $plate;
        $taken = [];
        foreach ($shelf as $lot) {
            $mass = min($missing, $lot->massMg);
            if ($mass > 0) {
                $taken[] = new Taken($lot, $mass);
                $missing -= $mass;
            }
        }

        return new self($perPlate, $plate, intdiv($onHand, $plate), $taken, $missing, max(0, $onHand - $guests * $plate));
    }
}
