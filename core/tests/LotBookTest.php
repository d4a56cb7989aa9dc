<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Lots\Destination;
use DeftBlade\Core\Lots\Lot;
use DeftBlade\Core\Lots\LotBook;
use DeftBlade\Core\Lots\LotFactKind;
use DeftBlade\Core\Lots\LotFactReader;
use DeftBlade\Core\Lots\PotUse;
use DeftBlade\Core\Tests\Support\Lots;
use DeftBlade\Core\Tests\Support\Refused;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What a class made and where it went: no gram appears, none vanishes, and nothing goes below zero. */
final class LotBookTest extends TestCase
{
    public function testALotIsWhatWentInLessWhatWentOut(): void
    {
        $book = Lots::book(
            Lots::made('l'),
            Lots::fact('m1', 'move', ['lot' => 'l', 'to' => 'service', 'mass_mg' => 600_000]),
            Lots::fact('d', 'divide', ['lot' => 'l', 'mass_mg' => 900_000, 'container' => 'Pan 2']),
            Lots::fact('m2', 'move', ['lot' => 'd', 'to' => 'waste', 'mass_mg' => 100_000, 'text' => 'Fell']),
            Lots::fact('m3', 'move', ['lot' => 'l', 'to' => 'service', 'mass_mg' => 500_000]),
        );
        self::assertSame([0, 800_000], [$book->lots['l']->onHandMg(), $book->lots['d']->onHandMg()]);
        self::assertSame(['service' => 1_100_000], $book->lots['l']->movedMg);
        self::assertSame(['Pan 2', 'l', 'thigh'], [$book->lots['d']->container, $book->lots['d']->parent, $book->lots['d']->origin->product]);
    }

    public function testNothingGoesBelowZero(): void
    {
        $taken = Lots::fact('m', 'move', ['lot' => 'l', 'to' => 'staff', 'mass_mg' => 1_999_000]);
        self::assertSame('facts[2].mass_mg: only 1 g of it is on hand', Refused::when(static fn() => Lots::book(Lots::made('l'), $taken, Lots::fact('d', 'divide', ['lot' => 'l', 'mass_mg' => 1_001]))));
        self::assertSame(0, Lots::book(Lots::made('l'), $taken, Lots::fact('d', 'divide', ['lot' => 'l', 'mass_mg' => 1_000]))->lots['l']->onHandMg());
    }

    public function testWhatIsTakenBackIsOnHandAgain(): void
    {
        $move = Lots::fact('m', 'move', ['lot' => 'l', 'to' => 'mince', 'mass_mg' => 2_000_000]);
        $book = Lots::book(Lots::made('l'), $move, Lots::fact('v', 'void', ['target' => 'm', 'reason' => 'The wrong pan']));
        self::assertSame([2_000_000, true], [$book->lots['l']->onHandMg(), $book->isWithdrawn('m')]);
        self::assertArrayNotHasKey('l', Lots::book(Lots::made('l'), $move, Lots::fact('v', 'void', ['target' => 'm', 'reason' => 'x']), Lots::fact('w', 'void', ['target' => 'l', 'reason' => 'x']))->lots);
        self::assertSame(2_000_000, Lots::book(Lots::made('l'), Lots::fact('d', 'divide', ['lot' => 'l', 'mass_mg' => 5]), Lots::fact('v', 'void', ['target' => 'd', 'reason' => 'x']))->lots['l']->onHandMg(), 'a part that is taken back lies in its lot again');
    }

    public function testThePanOnTheScaleChangesNoMass(): void
    {
        $lot = Lots::book(Lots::made('l'), Lots::fact('p', 'weigh', ['lot' => 'l', 'mass_mg' => 1_985_000]))->lots['l'];
        self::assertSame([-15_000, 2_000_000], [$lot->panOffMg(), $lot->onHandMg()]);
        self::assertNull(Lots::book(Lots::made('l'))->lots['l']->panOffMg());
    }

    public function testDaysInTheFreezerDoNotCount(): void
    {
        $in = Lots::fact('f', 'freeze', ['lot' => 'l', 'on' => '2026-03-03']);
        $out = Lots::fact('t', 'thaw', ['lot' => 'l', 'on' => '2026-03-20']);
        self::assertSame('2026-03-03', self::useBy(Lots::book(Lots::made('l'))->lots['l']));
        self::assertNull(self::useBy(Lots::book(Lots::made('l'), $in)->lots['l']), 'while it is frozen no day counts');
        $part = Lots::fact('d', 'divide', ['lot' => 'l', 'mass_mg' => 5]);
        $book = Lots::book(Lots::made('l'), $in, $part, $out);
        self::assertSame('2026-03-20', self::useBy($book->lots['l']), 'one of its two days was over');
        self::assertTrue($book->lots['d']->isFrozen(), 'a part of a frozen lot is frozen, and stays so when the rest is thawed');
        self::assertSame('2026-03-20', self::useBy(Lots::book(Lots::made('l'), $in, $out, $part)->lots['d']), 'a part takes the days of its lot along');
    }

    public function testARecordOfParasiteDestructionGoesWithEachPart(): void
    {
        $raw = Lots::fact('r', 'raw', ['lot' => 'l', 'treatment' => 'minus_20_7_days', 'text' => 'Freezer log, 12 March']);
        $book = Lots::book(Lots::made('l'), Lots::fact('d', 'divide', ['lot' => 'l', 'mass_mg' => 5]), $raw, Lots::fact('e', 'divide', ['lot' => 'l', 'mass_mg' => 5]));
        self::assertSame('Freezer log, 12 March', $book->lots['e']->raw?->text);
        self::assertNull($book->lots['d']->raw, 'what left before it was recorded is not covered by it');
    }

    public function testWhatAPotMakesIsALotOfItsOwn(): void
    {
        $book = Lots::book(Lots::pot('p'), Lots::fact('s', 'pot_step', ['pot' => 'p', 'step' => 'skimmed']), Lots::drawn('d', 'p'), Lots::fact('w', 'draw', ['pot' => 'p', 'mass_mg' => 700_000, 'made' => '2026-03-02', 'container' => 'Tall tin']));
        self::assertSame([2_000_000, 700_000], [$book->lots['d']->onHandMg(), $book->lots['w']->onHandMg()], 'a litre of stock weighs a kilogram (common practice)');
        self::assertSame([1, 2], [count($book->pots['p']->steps), count($book->pots['p']->drawn)]);
        self::assertSame([null, 'stock', 'p'], [$book->lots['d']->origin->assessment, $book->lots['d']->origin->product, $book->lots['d']->origin->family]);
        self::assertSame('2026-03-05', $book->lots['d']->useBy(Lots::kitchen()->daysOf('poultry', PotUse::Stock))?->format('Y-m-d'), 'soups and stews 3 to 4 days (FoodSafety.gov, cold food storage chart; from memory)');
    }

    /** FDA Food Code 2022, 3-501.14 (A): from 57 °C to 21 °C within two hours. */
    public function testWhatIsCooledTooSlowlyIsBarredToTheSecond(): void
    {
        $cooled = static fn(string $at): Lot => Lots::book(Lots::pot('p'), Lots::drawn('d', 'p'), Lots::cooled('c', 'd', '12:00:00', 57), Lots::cooled('e', 'd', $at, 21))->lots['d'];
        self::assertSame([false, false, true], [$cooled('13:59:59')->isBarred(), $cooled('14:00:00')->isBarred(), $cooled('14:00:01')->isBarred()]);
        self::assertNull(Lots::book(Lots::pot('p'), Lots::drawn('d', 'p'))->lots['d']->cooling(), 'nobody has put a probe in it');
        $late = Lots::book(Lots::pot('p'), Lots::drawn('d', 'p'), Lots::cooled('e', 'd', '14:30:00', 40), Lots::cooled('c', 'd', '12:00:00', 60), Lots::fact('v', 'divide', ['lot' => 'd', 'mass_mg' => 5]));
        self::assertTrue($late->lots['v']->isBarred(), 'a reading that came in late stands at its time, and a part is barred with its lot');
        self::assertSame(0, Lots::book(Lots::pot('p'), Lots::drawn('d', 'p'), Lots::cooled('c', 'd', '12:00:00', 60), Lots::cooled('e', 'd', '15:00:00', 30), Lots::fact('m', 'move', ['lot' => 'd', 'to' => 'waste', 'mass_mg' => 2_000_000, 'text' => 'Cooled too slowly']))->lots['d']->onHandMg());
    }

    public function testTheShippedKitchenKnowsWhatGoesWhere(): void
    {
        $kitchen = Lots::kitchen();
        self::assertNotContains(Destination::Stock, $kitchen->destinationsOf('liver'), 'the liver clouds a stock (common practice)');
        self::assertTrue(array_is_list($kitchen->destinationsOf('liver')), 'a list in JSON too');
        self::assertCount(count(Destination::cases()), $kitchen->destinationsOf('thigh'));
        self::assertSame([2, 2, 4, 1], array_map($kitchen->daysOf(...), ['poultry', 'fish', 'meat', null]), 'raw poultry and fish 1 to 2 days, cuts of lamb 3 to 5 (FoodSafety.gov, cold food storage chart; from memory)');
        self::assertSame(7, Lots::kitchen(['keeping' => 'week'])->daysOf('fish'), 'FDA Food Code 2022, 3-501.17');
    }

    public function testANeedStandsUntilItIsTakenBack(): void
    {
        $need = Lots::need('n', ['pieces' => 24]);
        self::assertSame([24, null, 'Lunch'], [Lots::book($need)->needs['n']->pieces, Lots::book($need)->needs['n']->massMg, Lots::book($need)->needs['n']->for]);
        self::assertSame([], Lots::book($need, Lots::fact('v', 'void', ['target' => 'n', 'reason' => 'Cancelled']))->needs);
    }

    public function testTheShippedKitchenKnowsWhatThingsBecome(): void
    {
        $kitchen = Lots::kitchen();
        self::assertContains('a braise', $kitchen->becomes('thigh', 'poultry'));
        self::assertContains('a stew', $kitchen->becomes('knuckle', 'meat'), 'what is not named becomes what its class of product does');
        self::assertNotContains('a stew', $kitchen->becomes('thigh', 'meat'), 'and what is named does not');
        self::assertSame([], $kitchen->becomes('tail', null));
    }

    public function testNoGramAppearsOrVanishesWhateverIsTakenDown(): void
    {
        $random = new Randomizer(new Mt19937(20261126));
        for ($school = 0; $school < 60; $school++) {
            $book = LotBook::of([]);
            $accepted = 0;
            for ($index = 0; $index < 60; $index++) {
                $node = Node::of(self::anyFact($random, $book, "f$index"), 'fact');
                try {
                    $book = $book->with(LotFactReader::read($node), $node);
                    $accepted++;
                } catch (InvalidPackage) {
                }
                self::assertBalanced($book);
            }
            self::assertGreaterThan(15, $accepted, 'too few facts were accepted to show anything');
            self::assertEquals($book, LotBook::of(array_values($book->facts)), 'read again from its facts it is the same');
        }
    }

    private static function assertBalanced(LotBook $book): void
    {
        $putAway = $held = 0;
        foreach ($book->lots as $lot) {
            self::assertGreaterThanOrEqual(0, $lot->onHandMg());
            self::assertSame($lot->massMg, $lot->onHandMg() + array_sum($lot->movedMg) + $lot->dividedMg);
            $putAway += $lot->parent === null ? $lot->massMg : 0;
            $held += $lot->onHandMg() + array_sum($lot->movedMg);
        }
        self::assertSame($putAway, $held, 'what was put away or drawn is on hand or went somewhere');
    }

    private static function anyFact(Randomizer $random, LotBook $book, string $id): \stdClass
    {
        $any = static fn(array $of): mixed => $of === [] ? 'none' : $of[$random->getInt(0, count($of) - 1)];
        $lot = $any(array_keys($book->lots));
        $kind = $random->getInt(0, 3) === 0 ? LotFactKind::PutAway : $any(LotFactKind::cases());
        $mass = $random->getInt(1, 1_200_000);

        return match ($kind) {
            LotFactKind::PutAway => Lots::made($id, ['mass_mg' => $random->getInt(1, 3_000_000)]),
            LotFactKind::Move => Lots::fact($id, 'move', ['lot' => $lot, 'to' => $any(Destination::cases())->value, 'mass_mg' => $mass, 'text' => 'x']),
            LotFactKind::Divide => Lots::fact($id, 'divide', ['lot' => $lot, 'mass_mg' => $mass]),
            LotFactKind::Weigh => Lots::fact($id, 'weigh', ['lot' => $lot, 'mass_mg' => $mass]),
            LotFactKind::Freeze, LotFactKind::Thaw => Lots::fact($id, $kind->value, ['lot' => $lot, 'on' => sprintf('2026-03-%02d', $random->getInt(1, 28))]),
            LotFactKind::Raw => Lots::fact($id, 'raw', ['lot' => $lot, 'treatment' => 'exempt', 'text' => 'x']),
            LotFactKind::Pot => Lots::pot($id),
            LotFactKind::PotStep => Lots::fact($id, 'pot_step', ['pot' => $any(array_keys($book->pots)), 'step' => 'strained']),
            LotFactKind::Draw => Lots::fact($id, 'draw', ['pot' => $any(array_keys($book->pots)), 'mass_mg' => $mass, 'made' => '2026-03-02']),
            LotFactKind::Cool => Lots::cooled($id, $lot, sprintf('%02d:00:00', $random->getInt(10, 20)), $random->getInt(2, 70)),
            LotFactKind::Need => Lots::need($id),
            LotFactKind::Void => Lots::fact($id, 'void', ['target' => $any(array_keys($book->facts)), 'reason' => 'x']),
        };
    }

    private static function useBy(Lot $lot): ?string
    {
        return $lot->useBy(2)?->format('Y-m-d');
    }
}
