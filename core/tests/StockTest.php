<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Planning\Stock;
use DeftBlade\Core\Planning\StockKitchen;
use DeftBlade\Core\Sentence\Sentences;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Tests\Support\Refused;
use DeftBlade\Core\Vocabulary\Units;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The pot after class, worked out by hand. */
final class StockTest extends TestCase
{
    public function testNineAndAHalfKilogramsOfBonesInTwoPots(): void
    {
        // 9.6 kg: 8 727.27 ml of bones, 1 920 ml of vegetables, 15 360 ml of water. Three quarters of 20 l, then of 10 l: 22 500 of 26 007.27 ml.
        $answer = self::stock([])->answer();
        self::assertSame([1_920_000, 15_360, 26_007, 1_294_631, 8_638], [$answer['vegetables_mg'], $answer['water_ml'], $answer['volume_ml'], $answer['uncovered_mg'], $answer['expected_yield_ml']]);
        self::assertEqualsWithDelta([15_000 / 26_007.2727, 7_500 / 26_007.2727], array_column((array) $answer['pots'], 'share'), 1e-8);
        self::assertSame(['2026-03-02T15:00:00+01:00', '2026-03-02T17:00:00+01:00'], [$answer['ready_from'], $answer['ready_to']]);
    }

    /** A common handbook ratio for white stock: eight pounds of bones, a pound of vegetables, a gallon of stock. */
    public function testEightPoundsOfBonesMakeAGallon(): void
    {
        $answer = self::stock(['bones_mg' => 8 * 453_592, 'vegetable_ratio' => 0.125])->answer();
        self::assertEqualsWithDelta(453_592, $answer['vegetables_mg'], 1);
        self::assertEqualsWithDelta(3_785, $answer['expected_yield_ml'], 0.01 * 3_785);
        self::assertSame(0, $answer['uncovered_mg']);
    }

    /**
     * @param array<string, mixed>       $but
     * @param list<array{string, float}> $shares
     */
    #[DataProvider('pots')]
    public function testFillsTheLargestFirst(array $but, array $shares, int $uncovered): void
    {
        // A kilogram that is nothing but itself: 909.09 ml.
        $answer = self::stock($but + ['bones_mg' => 1_000_000, 'vegetable_ratio' => 0, 'water_ml_per_kg' => 0, 'fill' => 1])->answer();
        self::assertSame(array_column($shares, 0), array_column((array) $answer['pots'], 'id'));
        self::assertEqualsWithDelta(array_column($shares, 1), array_column((array) $answer['pots'], 'share'), 1e-9);
        self::assertSame($uncovered, $answer['uncovered_mg']);
    }

    /** @return array<string, array{array<string, mixed>, list<array{string, float}>, int}> */
    public static function pots(): array
    {
        $pot = static fn(string $id, int $ml): \stdClass => (object) ['id' => $id, 'capacity_ml' => $ml];

        return [
            'one is enough, the other stays empty' => [['pots' => [$pot('a', 500), $pot('b', 1_000)]], [['b', 1.0], ['a', 0.0]], 0],
            'of two alike the one named first' => [['pots' => [$pot('d', 500), $pot('c', 500)]], [['c', 0.55], ['d', 0.45]], 0],
            'too small' => [['pots' => [$pot('a', 100)]], [['a', 0.11]], 890_000],
            'half full' => [['pots' => [$pot('a', 1_000)], 'fill' => 0.5], [['a', 0.55]], 450_000],
            'no pot' => [['pots' => []], [], 1_000_000],
            'no bones' => [['pots' => [$pot('a', 100)], 'bones_mg' => 0], [['a', 0.0]], 0],
        ];
    }

    public function testFishIsDoneWithinTheHour(): void
    {
        $answer = self::stock(['group' => 'fish', 'hours' => (object) ['from' => 0.5, 'to' => 0.75]])->answer();
        self::assertSame(['2026-03-02T12:30:00+01:00', '2026-03-02T12:45:00+01:00'], [$answer['ready_from'], $answer['ready_to']]);
    }

    public function testItIsNotReadyAtTheLatestBeforeItIsAtTheEarliest(): void
    {
        self::assertStringStartsWith('hours.to: ', Refused::orNull(static fn(): Stock => self::stock(['hours' => (object) ['from' => 5, 'to' => 3]])) ?? '');
        self::assertStringStartsWith('pots[1].id: ', Refused::orNull(static fn(): Stock => self::stock(['pots' => [(object) ['id' => 'a', 'capacity_ml' => 1], (object) ['id' => 'a', 'capacity_ml' => 2]]])) ?? '');
    }

    public function testASchoolHasPotsEnoughForEachClassOfProduct(): void
    {
        $data = Node::of((new ShippedDocuments())->school('stock'), 'stock');
        $kitchen = StockKitchen::read($data, []);
        $poultry = $kitchen->stock('poultry', 9_600_000) ?? self::fail('poultry bones make stock');
        // 26.0 l at 15 l a pot.
        self::assertCount(2, $poultry->pots);
        self::assertSame(0, $poultry->vegetablesMg() <=> 1_920_000.0);
        self::assertCount(1, $kitchen->stock('poultry', 5_500_000)->pots ?? []);
        self::assertSame([null, null], [$kitchen->stock('poultry', 0), $kitchen->stock('plaster', 1_000_000)]);
        self::assertSame(1_200_000.0, StockKitchen::read($data, ['stock-vegetables' => 'eighth'])->stock('meat', 9_600_000)?->vegetablesMg());
        self::assertSame(1_920_000.0, StockKitchen::read($data, ['stock-vegetables' => 'fifth'])->stock('fish', 9_600_000)?->vegetablesMg());
    }

    public function testSaysWhatToHaveReadyInTheUnitsOfTheSchool(): void
    {
        $stock = StockKitchen::read(Node::of((new ShippedDocuments())->school('stock'), 'stock'), [])->stock('fish', 9_604_000) ?? self::fail('fish bones make stock');
        self::assertSame('Bones of fish for stock: about 9600 g, with 1920 g of vegetables and 15.4 l of cold water, in 2 pots of 20 l, simmered 0.5 to 0.75 h.', Sentences::plain(null)->say($stock->said()));
        // 15.4 l and 20 l over 0.946 352 946 l a quart.
        self::assertSame(['16.3 qt', '21.1 qt', '750 ml'], [Units::Us->volume(15_400), Units::Us->volume(20_000), Units::Metric->volume(750)]);
    }

    /** @param array<string, mixed> $but */
    private static function stock(array $but): Stock
    {
        $example = json_decode((string) file_get_contents(__DIR__.'/../../docs/formats/compute/stock.example.json'), false, 64, JSON_THROW_ON_ERROR);

        return Stock::read(Node::of((object) ($but + (array) $example)));
    }
}
