<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Lots\LaidOut;
use DeftBlade\Core\Lots\LotFactReader;
use DeftBlade\Core\Lots\LotProduct;
use DeftBlade\Core\Lots\LotProductKind;
use DeftBlade\Core\Lots\LotProducts;
use DeftBlade\Core\Lots\Proposal;
use DeftBlade\Core\Lots\PutAway;
use DeftBlade\Core\Lots\Tables;
use DeftBlade\Core\Lots\TakenWeight;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Tests\Support\Lots;
use DeftBlade\Core\Tests\Support\Package;
use DeftBlade\Core\Tests\Support\Refused;
use PHPUnit\Framework\TestCase;

/** What lies on the tables of a class: lots are proposed from the weights, and the class's account adds up. */
final class TablesTest extends TestCase
{
    private const TRAY = [
        'ap' => 1800, 'breast.left' => 300, 'breast.right' => 300, 'thigh.left' => 150, 'thigh.right' => 150, 'drumstick.left' => 100, 'drumstick.right' => 100, 'wing.left' => 70, 'wing.right' => 70,
        'stock' => 400, 'fat' => 90, 'trim' => 10, 'waste' => 20, 'scrape' => 15,
    ];

    public function testLeftAndRightOfAMatchedPairAreOneProduct(): void
    {
        $titles = static fn(string $standard): array => array_column(LotProducts::of(Standard::read(Node::of((new ShippedDocuments())->standard($standard))), Lots::kitchen(), 'poultry')->products, 'title', 'id');
        self::assertSame(['breast' => 'Breast', 'thigh' => 'Thigh', 'drumstick' => '{Drumstick}', 'wing' => 'Wing'], array_slice($titles('chicken-eight-piece'), 0, 4));
        self::assertSame(['breast.left' => '{First-bone breast}', 'breast.right' => 'Boneless skinless breast'], array_slice($titles('chicken-contrast-set'), 0, 2), 'two finishes side by side are two products');
        self::assertSame(['wing-end' => 'Wing-end breast', 'centre' => '{Centre} breast'], array_slice($titles('chicken-saute-13'), 0, 2), 'four portions that must match are two products all the same');
    }

    public function testEveryPlaceOfEveryShippedStandardBelongsToOneProductWithAName(): void
    {
        $shipped = new ShippedDocuments();
        foreach ($shipped->keys() as $key) {
            $standard = Standard::read(Node::of($shipped->standard($key)));
            $products = LotProducts::of($standard, Lots::kitchen(), $shipped->products()->of($standard->species)?->class);
            $places = array_merge(...array_map(static fn(LotProduct $it): array => $it->places, array_values($products->products)));
            $wanted = [...array_keys($standard->cuts->pieces), ...array_keys($standard->cuts->bins), ...($standard->frame === null ? [] : [LotProducts::SCRAPE])];
            self::assertSame($wanted, array_values(array_intersect($wanted, $places)), "$key: every place has a product");
            self::assertSame(array_unique($places), $places, "$key: and only one");
            foreach ($products->products as $id => $product) {
                self::assertMatchesRegularExpression('/^\{?\p{Lu}/u', $product->title, "$key: $id");
                self::assertSame($product->kind === LotProductKind::Giblet, $product->stage() === null, "$key: $id");
            }
            $titles = array_map(static fn(LotProduct $it): string => $it->title, $products->products);
            self::assertSame(array_unique($titles), $titles, "$key: two products of one name are told apart by nobody");
        }
    }

    public function testProposesALotForEachProductAndPutsWhatDidNotMeetTheStandardApart(): void
    {
        $proposals = Lots::tables(Package::shipped()->attempt('a1', self::TRAY)->attempt('a2', ['thigh.left' => 260] + self::TRAY))->proposals([]);
        $said = array_map(static fn(Proposal $it): array => [$it->product->id, $it->isOff, count($it->weights), intdiv($it->massMg(), 1000)], $proposals);
        self::assertContains(['thigh', false, 3, 450], $said);
        self::assertContains(['thigh', true, 1, 260], $said);
        self::assertContains(['stock', false, 2, 800], $said);
        self::assertContains(['scrape', false, 2, 30], $said);
    }

    public function testATrayWithACriticalFaultIsNotServed(): void
    {
        $proposals = Lots::tables(Package::shipped()->attempt('a1', self::TRAY + ['faults' => ['bone-chip']]))->proposals([]);
        self::assertSame([true], array_values(array_unique(array_map(static fn(Proposal $it): bool => $it->isOff, array_filter($proposals, static fn(Proposal $it): bool => $it->product->id === 'breast')))));
    }

    public function testWhatIsNotWeighedYetIsNoLoss(): void
    {
        $account = Lots::tables(Package::shipped()->attempt('a1', self::TRAY)->attempt('a2', ['ap' => 1700, 'wing.left' => 80]))->account(0);
        self::assertSame([1_620_000, 25_000], [$account->openMg, $account->lossMg()], '1 700 g less the wing of 80 g; the other bird lost its 25 g');
    }

    public function testTheAccountOfAClassAddsUp(): void
    {
        $account = Lots::tables(Package::shipped()->attempt('a1', self::TRAY)->attempt('a2', self::TRAY))->account(0);
        self::assertSame([3_600_000, 2_480_000, 1_030_000, 40_000, 50_000], [$account->deliveredMg, $account->cutsMg, $account->byProductMg, $account->wasteMg, $account->lossMg()]);
        self::assertSame($account->deliveredMg, $account->cutsMg + $account->byProductMg + $account->wasteMg + $account->lossMg());
    }

    public function testWhatAnIncidentTouchedIsWasteByItself(): void
    {
        $package = Package::shipped()->attempt('a1', self::TRAY);
        $package->document->format = 'deft-blade.assessment/3';
        $package->document->attempts[0]->captures[] = (object) ['id' => 'i', 'at' => '2026-03-02T12:00:00Z', 'by' => 'instructor', 'kind' => 'incident', 'what' => 'cut', 'text' => 'x', 'pieces' => ['wing.left'], 'treatment' => 'excused'];
        $tables = Lots::tables($package);
        self::assertSame(90_000, $tables->account(0)->wasteMg, 'its 70 g wing beside 20 g in the bin');
        self::assertSame([70_000], self::massesOf($tables, 'wing'));
    }

    public function testWhatIsPutAwayIsNotProposedAgainAndACorrectionIsTold(): void
    {
        $tables = Lots::tables(Package::shipped()->attempt('a1', self::TRAY));
        $thighs = array_values(array_filter($tables->proposals([]), static fn(Proposal $it): bool => $it->product->id === 'thigh'))[0];
        $taken = array_map(static fn(LaidOut $it): TakenWeight => new TakenWeight('l', $it->capture, $it->attempt, $it->slot, $it->massMg), $thighs->weights);
        self::assertSame([], self::massesOf($tables, 'thigh', $taken));
        self::assertSame([], $tables->changed($taken));

        $corrected = Lots::tables(Package::shipped()->attempt('a1', ['thigh.left' => 160] + self::TRAY));
        self::assertSame([160_000], array_map(static fn($it) => $it->nowMg, $corrected->changed($taken)));
        self::assertSame([], self::massesOf($corrected, 'thigh', $taken), 'the piece lies in its lot, whatever it weighs');
        $gone = self::TRAY;
        unset($gone['thigh.left']);
        self::assertSame([null], array_map(static fn($it) => $it->nowMg, Lots::tables(Package::shipped()->attempt('a1', $gone))->changed($taken)));
    }

    public function testALotIsHeldAgainstItsWeights(): void
    {
        $tables = Lots::tables(Package::shipped()->attempt('a1', self::TRAY));
        $ids = array_map(static fn(LaidOut $it): string => $it->capture, array_values(array_filter($tables->weights, static fn(LaidOut $it): bool => $it->product->id === 'thigh')));
        $check = static function (array $of, array $taken = []) use ($tables): array {
            $node = Node::of(Lots::made('l', $of), 'fact');
            $fact = LotFactReader::read($node);

            return $tables->check($fact instanceof PutAway ? $fact : throw new \LogicException(), $node, $taken);
        };
        self::assertCount(2, $check(['weights' => $ids, 'mass_mg' => 300_000]));
        self::assertSame([], $check(['product' => 'liver', 'weights' => [], 'mass_mg' => 45_000]), 'giblets are weighed apart');
        self::assertSame('fact.mass_mg: the weights add up to 300 g', Refused::when(static fn() => $check(['weights' => $ids, 'mass_mg' => 301_000])));
        self::assertSame('fact.weights[1]: is put away already', Refused::when(static fn() => $check(['weights' => [$ids[0], $ids[0]], 'mass_mg' => 300_000])));
        self::assertSame('fact.weights: must not be empty', Refused::when(static fn() => $check(['weights' => [], 'mass_mg' => 300_000])));
        self::assertSame('fact.weights[0]: is no weight of this product that holds in this class', Refused::when(static fn() => $check(['product' => 'wing', 'weights' => $ids, 'mass_mg' => 300_000])));
        self::assertSame('fact.product: is nothing that this class makes', Refused::when(static fn() => $check(['product' => 'tail', 'weights' => $ids, 'mass_mg' => 300_000])));
    }

    /**
     * @param list<TakenWeight> $taken
     *
     * @return list<int> of each lot proposed of a product
     */
    private static function massesOf(Tables $tables, string $product, array $taken = []): array
    {
        return array_values(array_map(static fn(Proposal $it): int => $it->massMg(), array_filter($tables->proposals($taken), static fn(Proposal $it): bool => $it->product->id === $product)));
    }
}
