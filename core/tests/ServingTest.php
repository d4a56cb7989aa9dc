<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Lots\EqualHalves;
use DeftBlade\Core\Lots\OnShelf;
use DeftBlade\Core\Lots\Serving;
use DeftBlade\Core\Lots\Taken;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Covers from what is on hand, worked by hand; what must go first is taken first. */
final class ServingTest extends TestCase
{
    public function testTakesFirstWhatMustGoFirst(): void
    {
        // Thighs of 150 g, two on a plate for 280 g; 2 kg, 1 kg and 3 kg frozen make 20 plates of 300 g.
        $serving = Serving::of([new OnShelf('old', 2_000, false), new OnShelf('new', 1_000, false), new OnShelf('frozen', 3_000, true)], 150, 280, 11);
        self::assertSame([2, 300, 20], [$serving->perPlate, $serving->plateMg, $serving->covers]);
        self::assertSame([['old', 2_000], ['new', 1_000], ['frozen', 300]], array_map(static fn(Taken $it): array => [$it->from->lot, $it->massMg], $serving->taken));
        self::assertSame([0, 2_700], [$serving->shortMg, $serving->overMg]);
    }

    public function testSaysWhatLacks(): void
    {
        $serving = Serving::of([new OnShelf('a', 1_000, false)], null, 180, 10);
        self::assertSame([0, 180, 5, 800, 0], [$serving->perPlate, $serving->plateMg, $serving->covers, $serving->shortMg, $serving->overMg]);
        self::assertSame([[], 0, 1_800], [Serving::of([], 150, 180, 10)->taken, Serving::of([], 150, 180, 10)->covers, Serving::of([], 180, 180, 10)->shortMg]);
    }

    public function testAPieceThatIsMoreThanAGuestShouldGetIsAPlateOfItsOwn(): void
    {
        self::assertSame(1, Serving::of([], 400, 180, 1)->perPlate);
    }

    public function testNoGramIsTakenTwice(): void
    {
        $random = new Randomizer(new Mt19937(20261126));
        for ($run = 0; $run < 300; $run++) {
            $shelf = array_map(static fn(int $it): OnShelf => new OnShelf("l$it", $random->getInt(0, 4_000), false), range(1, $random->getInt(1, 6)));
            $guests = $random->getInt(0, 40);
            $serving = Serving::of($shelf, $random->getInt(0, 1) === 1 ? $random->getInt(1, 400) : null, $random->getInt(50, 400), $guests);
            $onHand = array_sum(array_map(static fn(OnShelf $it): int => $it->massMg, $shelf));
            $taken = array_sum(array_map(static fn(Taken $it): int => $it->massMg, $serving->taken));
            self::assertSame($guests * $serving->plateMg, $taken + $serving->shortMg);
            self::assertSame($serving->shortMg > 0 ? 0 : $onHand - $taken, $serving->overMg);
            self::assertSame($serving->shortMg === 0, $serving->covers >= $guests);
        }
    }

    public function testBothHalvesOfABreastWeighTheSame(): void
    {
        foreach ([0.05, EqualHalves::BREAST, 0.7, 1.0] as $taper) {
            $at = EqualHalves::at($taper);
            $mass = static fn(float $s): float => $s - (1 - $taper) * $s ** 2 / 2;
            self::assertEqualsWithDelta($mass(1.0) / 2, $mass($at), 1e-12, "taper $taper");
            self::assertLessThanOrEqual(0.5, $at, 'nearer the thick end (common practice)');
        }
        self::assertEqualsWithDelta(0.374, EqualHalves::at(EqualHalves::BREAST), 5e-4, 'worked by hand');
    }
}
