<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Ledger\YieldTest;
use DeftBlade\Core\Money\Shares;
use DeftBlade\Core\Tests\Support\Refused;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the cuts of a carcass cost. */
final class YieldTestTest extends TestCase
{
    /** Worked by hand in round figures: 2 kg for 10.00, 0.5 kg of bones at 1.00 and 0.1 kg of fat at 0.50 leave 9.45 for 1.2 kg of cuts. */
    public function testABirdInRoundFigures(): void
    {
        $answer = self::answer([]);
        self::assertSame([55, 945, 1_200_000, 0.6], [$answer['by_product_value_minor'], $answer['net_cost_minor'], $answer['ep_mg'], $answer['yield']]);
        // 9.45 / 1.2 = 7.875 a kilogram; over 5.00 a kilogram of bird.
        self::assertSame(788, $answer['ep_cost_per_kg_minor']);
        self::assertEqualsWithDelta(1.575, $answer['cost_factor'], 1e-12);
        // A quarter of an hour at 20.00 is 5.00; (9.45 + 5.00) / 1.2.
        self::assertSame([500, 1_204], [$answer['labour_minor'], $answer['ep_cost_with_labour_per_kg_minor']]);
        // Bought as cuts: 0.8 · 12.00 + 0.4 · 6.00 = 12.00, so 2.55 is saved, which is 10.20 an hour.
        self::assertSame([1_200, 255, 1_020], [$answer['parts_value_minor'], $answer['saving_minor'], $answer['break_even_wage_per_hour_minor']]);
        self::assertEqualsWithDelta(0.2125, $answer['saving_fraction'], 1e-12);
        // Four fifths of 9.45 and one fifth of it; a kilogram of each.
        self::assertSame([['id' => 'breast', 'cost_minor' => 756, 'cost_per_kg_minor' => 945], ['id' => 'thigh', 'cost_minor' => 189, 'cost_per_kg_minor' => 473]], $answer['pieces']);
        // 50 g left on the frame at 6.00 are 0.30: 54 seconds at 20.00 an hour.
        self::assertSame(54, $answer['scrape_break_even_s']);
    }

    /**
     * Veal leg to scaloppine, the worked raw yield test of W. Gisslen, Professional Cooking (its chapter on food cost); from memory. A pound is written as a kilogram, for
     * the test knows no unit: 30 lb 8 oz at 8.50 lose 11 lb 10 oz, worth 26.50, and leave 18 lb 14 oz at 12.33, which is 1.45 times the price.
     */
    public function testAVealLegOfAHandbook(): void
    {
        $pounds = static fn(float $pounds, float $ounces = 0): int => (int) (($pounds + $ounces / 16) * 1_000_000);
        $byProduct = static fn(string $id, int $mass, int $perPound): \stdClass => (object) ['id' => $id, 'mass_mg' => $mass, 'value_per_kg_minor' => $perPound];
        $answer = self::answer([
            'ap_mg' => $pounds(30, 8),
            'ap_cost_minor' => 25_925,
            'pieces' => [self::piece('scaloppine', $pounds(18, 14), null)],
            'by_products' => [$byProduct('fat', $pounds(2, 8), 12), $byProduct('bones', $pounds(3, 5), 38), $byProduct('ground', $pounds(2, 2), 489), $byProduct('stew', $pounds(2, 12), 529), $byProduct('trim', $pounds(0, 14), 0), $byProduct('cutting loss', $pounds(0, 1), 0)],
            'labour' => null,
            'scrape' => null,
        ]);
        self::assertSame([2_650, 23_275, 1_233], [$answer['by_product_value_minor'], $answer['net_cost_minor'], $answer['ep_cost_per_kg_minor']]);
        self::assertSame(1.45, round((float) $answer['cost_factor'], 2));
    }

    /**
     * Corned beef brisket, the worked butcher's yield of L. Dopson and D. Hayes, Food and Beverage Cost Control (its chapter on food production); from memory: 8 lb lose 1 lb 10 oz
     * of fat and 1 lb 14 oz in the oven, 43.75 %; the rest is a yield of 56.25 %, and what is eaten costs the price over that yield.
     */
    public function testABrisketOfAHandbook(): void
    {
        $ounce = 62_500;
        $lost = static fn(string $id, int $ounces): \stdClass => (object) ['id' => $id, 'mass_mg' => $ounces * $ounce, 'value_per_kg_minor' => 0];
        $answer = self::answer(['ap_mg' => 128 * $ounce, 'ap_cost_minor' => 8 * 450, 'pieces' => [self::piece('brisket', 72 * $ounce, null)], 'by_products' => [$lost('fat', 26), $lost('cooking', 30)], 'labour' => null, 'scrape' => null]);
        self::assertSame(0.5625, $answer['yield']);
        self::assertSame([(int) (450 / 0.5625), 1 / 0.5625], [$answer['ep_cost_per_kg_minor'], $answer['cost_factor']]);
    }

    /**
     * The cost factor is made to be used again (common practice in food costing): with all prices half as high again, the new price times the factor is the new cost of a kilogram of cuts.
     */
    public function testTheCostFactorHoldsForAnotherPrice(): void
    {
        $factor = self::answer([])['cost_factor'];
        $dearer = self::answer(['ap_cost_minor' => 1_500, 'by_products' => self::byProducts(150, 75)]);
        self::assertEqualsWithDelta(750 * $factor, $dearer['ep_cost_per_kg_minor'], 0.5);
        self::assertEqualsWithDelta($factor, $dearer['cost_factor'], 1e-12);
    }

    /**
     * @param array<string, mixed> $but
     * @param list<string>         $null what cannot be said then; the rest can
     */
    #[DataProvider('unknown')]
    public function testWhatCannotBeSaidIsNull(array $but, array $null): void
    {
        $answer = self::answer($but);
        $answer += ['pieces.cost' => $answer['pieces'][0]['cost_minor'] ?? null];
        self::assertEqualsCanonicalizing($null, array_keys(array_filter($answer, static fn(mixed $it): bool => $it === null)));
    }

    /** @return array<string, array{array<string, mixed>, list<string>}> */
    public static function unknown(): array
    {
        $market = ['parts_value_minor', 'saving_minor', 'saving_fraction', 'break_even_wage_per_hour_minor', 'pieces.cost'];

        return [
            'everything is known' => [[], []],
            'no labour' => [['labour' => null], ['labour_minor', 'ep_cost_with_labour_per_kg_minor', 'break_even_wage_per_hour_minor', 'scrape_break_even_s']],
            'nobody worked' => [['labour' => (object) ['seconds' => 0, 'wage_per_hour_minor' => 2_000]], ['break_even_wage_per_hour_minor']],
            'work that costs nothing' => [['labour' => (object) ['seconds' => 900, 'wage_per_hour_minor' => 0]], ['scrape_break_even_s']],
            'no scrape' => [['scrape' => null], ['scrape_break_even_s']],
            'a cut without a price' => [['pieces' => [self::piece('breast', 800_000, 1_200), self::piece('thigh', 400_000, null)]], $market],
            'cuts nobody pays for' => [['pieces' => [self::piece('breast', 800_000, 0)]], ['saving_fraction', 'pieces.cost']],
            'no cuts' => [['pieces' => []], ['ep_cost_per_kg_minor', 'cost_factor', 'ep_cost_with_labour_per_kg_minor', 'saving_fraction', 'pieces.cost']],
            'a bird that cost nothing' => [['ap_cost_minor' => 0], ['cost_factor']],
        ];
    }

    public function testByProductsMayBeWorthMoreThanTheCarcass(): void
    {
        $answer = self::answer(['ap_cost_minor' => 30]);
        self::assertSame([-25, -21, [-20, -5]], [$answer['net_cost_minor'], $answer['ep_cost_per_kg_minor'], array_column((array) $answer['pieces'], 'cost_minor')]);
    }

    public function testAnIdStandsOnce(): void
    {
        $piece = self::piece('breast', 1, 1);
        self::assertStringStartsWith('pieces[1].id: ', (string) Refused::orNull(static fn(): array => self::answer(['pieces' => [$piece, $piece]])));
        self::assertStringStartsWith('by_products[2].id: ', (string) Refused::orNull(static fn(): array => self::answer(['by_products' => [...self::byProducts(1, 1), ...self::byProducts(1, 1)]])));
    }

    /** @param list<float> $shares */
    #[DataProvider('remainders')]
    public function testSharesByLargestRemainder(int $whole, array $shares, array $units): void
    {
        self::assertSame($units, Shares::of($whole, $shares));
    }

    /** @return array<string, array{int, list<float>, list<int>}> */
    public static function remainders(): array
    {
        return [
            'a third each: the first gets the cent' => [100, [100 / 3, 100 / 3, 100 / 3], [34, 33, 33]],
            'who lost most' => [10, [3.2, 3.3, 3.5], [3, 3, 4]],
            'two cents left' => [11, [3.6, 3.7, 3.7], [3, 4, 4]],
            'even' => [4, [2.0, 2.0], [2, 2]],
            'less than nothing' => [-25, [-20.0, -5.0], [-20, -5]],
            'halves below nothing' => [-3, [-1.5, -1.5], [-1, -2]],
            'nobody' => [0, [], []],
        ];
    }

    /** Whatever is cut and whatever it costs: no cent is lost, and nobody pays a cent more or less than their share. */
    public function testMoneyNeverLosesACent(): void
    {
        mt_srand(20_261_129);
        for ($round = 0; $round < 400; $round++) {
            $pieces = array_map(static fn(int $it): \stdClass => self::piece("cut $it", mt_rand(1, 900_000), mt_rand(1, 3_000)), range(1, mt_rand(1, 12)));
            $answer = self::answer(['ap_cost_minor' => mt_rand(0, 5_000), 'pieces' => $pieces, 'by_products' => self::byProducts(mt_rand(0, 400), mt_rand(0, 300))]);
            self::assertSame($answer['net_cost_minor'], array_sum(array_column((array) $answer['pieces'], 'cost_minor')));
            foreach ((array) $answer['pieces'] as $index => $piece) {
                $perKg = $piece['cost_minor'] * 1_000_000 / $pieces[$index]->mass_mg;
                self::assertEqualsWithDelta($piece['cost_per_kg_minor'], $perKg, 1_000_000 / $pieces[$index]->mass_mg + 0.5);
            }
        }
    }

    /**
     * @param array<string, mixed> $but
     *
     * @return array<string, mixed>
     */
    private static function answer(array $but): array
    {
        return YieldTest::read(Node::of((object) ($but + [
            'format' => 'deft-blade.yield-test/1',
            'money' => (object) ['currency' => 'EUR', 'exponent' => 2],
            'ap_mg' => 2_000_000,
            'ap_cost_minor' => 1_000,
            'pieces' => [self::piece('breast', 800_000, 1_200), self::piece('thigh', 400_000, 600)],
            'by_products' => self::byProducts(100, 50),
            'labour' => (object) ['seconds' => 900, 'wage_per_hour_minor' => 2_000],
            'scrape' => (object) ['mass_mg' => 50_000, 'value_per_kg_minor' => 600],
        ])))->answer();
    }

    private static function piece(string $id, int $massMg, ?int $market): \stdClass
    {
        return (object) ['id' => $id, 'mass_mg' => $massMg, 'market_per_kg_minor' => $market];
    }

    /** @return list<\stdClass> half a kilogram of bones and 100 g of fat */
    private static function byProducts(int $bones, int $fat): array
    {
        return [(object) ['id' => 'bones', 'mass_mg' => 500_000, 'value_per_kg_minor' => $bones], (object) ['id' => 'fat', 'mass_mg' => 100_000, 'value_per_kg_minor' => $fat]];
    }
}
