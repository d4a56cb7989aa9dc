<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

/**
 * Needs matched to lots, first expired, first out (FEFO). The earliest need takes what must go first and is still good on its day; frozen lots come last. A later
 * need can be met by fewer lots than an earlier one, so that no other way of matching gives more.
 */
final readonly class Allotment
{
    /**
     * @param list<NeedMet> $needs in the order of days
     * @param list<Stored>  $left  what nobody has asked for, of lots that are not asked for whole
     */
    private function __construct(public array $needs, public array $left) {}

    /**
     * @param list<Need>   $needs
     * @param list<Stored> $lots
     */
    public static function of(array $needs, array $lots): self
    {
        usort($needs, static fn(Need $one, Need $other): int => $one->on <=> $other->on);
        usort($lots, self::inOrder(...));
        $met = [];
        foreach ($needs as $need) {
            $missing = $need->massMg;
            $taken = [];
            foreach ($lots as $index => $lot) {
                $mass = $lot->of->isSame($need->of) && $lot->isGoodOn($need->on) ? min($missing, $lot->massMg) : 0;
                if ($mass > 0) {
                    $taken[$lot->lot] = $mass;
                    $missing -= $mass;
                    $lots[$index] = $lot->less($mass);
                }
            }
            $met[] = new NeedMet($need, $taken, $missing);
        }

        return new self($met, array_values(array_filter($lots, static fn(Stored $it): bool => $it->massMg > 0)));
    }

    /** What must go first before what keeps; frozen last. */
    private static function inOrder(Stored $one, Stored $other): int
    {
        return ($one->useBy === null) <=> ($other->useBy === null) ?: $one->useBy <=> $other->useBy ?: $one->lot <=> $other->lot;
    }
}
