<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Carcass\Bin;
use DeftBlade\Core\Carcass\Piece;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Criterion;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Tests\Support\Package;
use DeftBlade\Core\Weighing\Mass;
use PHPUnit\Framework\TestCase;

final class ShippedStandardTest extends TestCase
{
    private Standard $standard;

    protected function setUp(): void
    {
        $this->standard = Standard::read(Node::of((new ShippedDocuments())->standard('chicken-eight-piece')));
    }

    /** Common practice: three sections to a wing; two tenders, two oysters, one wishbone, one keel to a bird. */
    public function testTheBirdHasTheAnatomyOfABird(): void
    {
        $count = fn(string $part): int => count(preg_grep("/^$part(\\.|$)/", array_keys($this->standard->carcass->parts)));
        self::assertSame([2, 2, 1, 1], array_map($count, ['tender', 'oyster', 'wishbone', 'keel']));
        self::assertSame([2, 2, 2], array_map($count, ['wing_tip', 'wing_flat', 'drumette_bone']));
    }

    /**
     * 9 CFR 381.170(b), in brief: a breast without ribs or other bone, a thigh cut at the hip and knee with the pelvic meat (the oyster) but no pelvic bone,
     * a drumstick cut through the knee, a wing whole with its meat and skin but for the tip, which may go.
     */
    public function testThePiecesAreTheCutsOfTheRegulation(): void
    {
        $parts = fn(string $piece): array => array_map(static fn(string $it): string => explode('.', $it)[0], $this->standard->cuts->pieces["$piece.left"]->parts);
        self::assertEqualsCanonicalizing(['fillet', 'tender', 'breast_skin'], $parts('breast'));
        self::assertEqualsCanonicalizing(['thigh_meat', 'thigh_skin', 'thigh_bone', 'oyster'], $parts('thigh'));
        self::assertEqualsCanonicalizing(['drumstick_meat', 'drumstick_skin', 'shin_bones', 'knuckle_tendon'], $parts('drumstick'));
        self::assertEqualsCanonicalizing(['wing_flat', 'drumette_meat', 'drumette_bone'], $parts('wing'));
    }

    /** Rules of golf: a ball is not less than 42.67 mm across; lean meat at 1.05 g/cm³ (from memory). */
    public function testTheScrapeLimitIsAGolfBallOfMeat(): void
    {
        $grams = M_PI / 6 * 4.267 ** 3 * 1.05;
        self::assertEqualsWithDelta($grams * 1000, $this->standard->frame?->limit->mg, 50);
    }

    public function testSharesAddUpAndEveryWindowHoldsWhatIsExpected(): void
    {
        self::assertEqualsWithDelta(1.0, array_sum(array_column($this->standard->carcass->parts, 'share')), 1e-9);
        $held = array_merge(...array_map(static fn(Piece|Bin $it): array => $it->parts, [...array_values($this->standard->cuts->pieces), ...array_values($this->standard->cuts->bins)]));
        self::assertEqualsCanonicalizing(array_keys($this->standard->carcass->parts), $held);
        foreach ($this->standard->cuts->pieces as $piece) {
            self::assertGreaterThan($piece->window->low, $piece->expectation->share);
            self::assertLessThan($piece->window->high, $piece->expectation->share);
        }
    }

    public function testEveryCriterionAndFaultCountsInTheSchoolPolicy(): void
    {
        $components = array_column((new ShippedDocuments())->policy('house')->components, 'id');
        foreach ([...$this->standard->criteria, ...$this->standard->faults] as $item) {
            self::assertContains($item->component, $components, $item->id);
        }
        foreach ($this->standard->criteria as $criterion) {
            self::assertContains(count($criterion->levels), [4, 5], $criterion->id);
            self::assertSame(range(0, count($criterion->levels) - 1), array_map(static fn($level): int => (int) $level->points, $criterion->levels));
        }
    }

    public function testTheTrayHasAPlaceForEachPiece(): void
    {
        $places = array_column((new ShippedDocuments())->standard('chicken-eight-piece')->tray->places, 'place');
        self::assertEqualsCanonicalizing(array_keys($this->standard->cuts->pieces), $places);
    }

    public function testAFaultlessTrayOfTheExpectedWeightsScoresFull(): void
    {
        $carcass = Mass::ofMilligrams(1_850_000);
        $weights = [];
        foreach ([...$this->standard->cuts->pieces, ...$this->standard->cuts->bins] as $place) {
            $weights[$place->id] = $place->expectation->massFor($carcass)->mg / 1000;
        }
        $best = array_map(static fn(Criterion $it): int => count($it->levels) - 1, $this->standard->criteria);
        $result = Package::shipped()->attempt('a', ['ap' => 1850, ...$weights, 'scrape' => 8, 'levels' => $best, 'clock' => [0 => 'start', 1500 => 'stop']])->first();
        self::assertEquals(['final', 100.0, 'Distinction', 'balanced', []], [$result['status'], $result['total'], $result['band'], $result['balance']['state'], $result['reasons']]);
    }
}
