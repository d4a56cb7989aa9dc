<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Tests\Support\Package;
use DeftBlade\Core\Tests\Support\Refused;
use DeftBlade\Core\Trends\Recalibrate;
use DeftBlade\Core\Trends\ShareWindow;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Shares and windows from a school's own carcasses. */
final class RecalibrateTest extends TestCase
{
    /** NIST/SEMATECH e-Handbook of Statistical Methods, 7.2.6.3: of 43 figures, with 99 % confidence that 90 % lie within, k is 2.217. */
    public function testTheFactorOfTheHandbook(): void
    {
        self::assertSame(2.217, round((float) ShareWindow::factor(43, 0.90, 0.99), 3));
        self::assertNull(ShareWindow::factor(1, 0.90, 0.99));
    }

    public function testTheMedianAndItsWindowByHand(): void
    {
        $window = ShareWindow::of([0.16, 0.17, 0.18, 0.20, 0.90], 0.9, 0.95);
        // Off the median of 0.18: 0.02, 0.01, 0, 0.02, 0.72; their median is 0.02. One tray that was typed wrong moves nothing.
        self::assertSame([5, 0.18], [$window->n, $window->median]);
        self::assertEqualsWithDelta(1.4826 * 0.02, $window->madSd, 1e-12);
        self::assertEqualsWithDelta([0.18 - $window->k * $window->madSd, 0.18 + $window->k * $window->madSd], [$window->low(), $window->high()], 1e-12);
    }

    public function testSharesAreScaledToTheMediansAndAddUpToOne(): void
    {
        // A carcass of 17 %, 17 % and 66 %: this school's left pieces are a tenth heavier, its bin as expected, its right pieces too few to count.
        $records = [...array_fill(0, 3, self::record(['left' => 187], ['stock' => 660])), self::record(['right' => 300], [])];
        $answer = self::answer($records, 3);
        self::assertSame([['left', 3, 0.187], ['right', 1, 0.3]], array_map(static fn(array $it): array => [$it['id'], $it['n'], $it['median']], $answer['pieces']));
        self::assertSame([false, true], [$answer['pieces'][0]['low'] === null, $answer['pieces'][1]['low'] === null]);
        self::assertSame([['id' => 'stock', 'n' => 3, 'median' => 0.66]], $answer['bins']);
        $sum = 0.187 + 0.17 + 0.66;
        self::assertEqualsWithDelta([0.187 / $sum, 0.17 / $sum, 0.66 / $sum], array_column($answer['parts'], 'share'), 1e-12);
        self::assertSame(['l', 'r', 'rest'], array_column($answer['parts'], 'id'));
    }

    public function testWithoutRecordsNothingChanges(): void
    {
        $answer = self::answer([], 20);
        self::assertSame([0, null, null, null], [$answer['pieces'][0]['n'], $answer['pieces'][0]['median'], $answer['pieces'][0]['k'], $answer['pieces'][0]['low']]);
        self::assertEqualsWithDelta([0.17, 0.17, 0.66], array_column($answer['parts'], 'share'), 1e-12);
    }

    /** Carcasses made up from the shipped shares lead back to them. */
    public function testRecordsOfTheBooksCarcassLeadBackToItsShares(): void
    {
        $standard = (new ShippedDocuments())->standard('chicken-eight-piece');
        $read = \DeftBlade\Core\Standard\Standard::read(Node::of($standard, 'standard'));
        $random = new Randomizer(new Mt19937(20261126));
        $records = [];
        for ($index = 0; $index < 200; $index++) {
            $asPurchased = $random->getInt(1_700_000, 2_000_000);
            $mass = static fn(float $share): int => (int) round($asPurchased * $share * (1 + $random->getInt(-50, 50) / 1_000));
            $bins = array_filter($read->cuts->bins, static fn($it): bool => $it->expectation->share > 0);
            $records[] = (object) ['ap_mg' => $asPurchased, 'pieces' => (object) array_map(static fn($it): int => $mass($it->expectation->share), $read->cuts->pieces), 'bins' => (object) array_map(static fn($it): int => $mass($it->expectation->share), $bins)];
        }
        $answer = Recalibrate::read(Node::of((object) ['format' => 'deft-blade.recalibrate/1', 'standard' => $standard, 'records' => $records, 'coverage' => 0.9, 'confidence' => 0.95, 'at_least' => 20]))->answer();
        self::assertEqualsWithDelta(1.0, array_sum(array_column($answer['parts'], 'share')), 1e-12);
        foreach ($answer['parts'] as $part) {
            $share = $read->carcass->parts[$part['id']]->share;
            self::assertEqualsWithDelta($share, $part['share'], 0.02 * $share + 1e-9, $part['id']);
        }
        foreach ($answer['pieces'] as $piece) {
            $inside = array_filter($records, static fn(\stdClass $it): bool => abs($it->pieces->{$piece['id']} / $it->ap_mg - $piece['median']) <= $piece['high'] - $piece['median']);
            self::assertGreaterThan(180, count($inside), 'nine of ten are within');
        }
    }

    public function testRefusesWhatTheStandardDoesNotHave(): void
    {
        self::assertStringStartsWith('records[0].pieces: ', (string) Refused::orNull(static fn(): array => self::answer([self::record(['beak' => 1], [])], 2)));
        self::assertStringStartsWith('records[0].bins: ', (string) Refused::orNull(static fn(): array => self::answer([self::record([], ['left' => 1])], 2)));
        self::assertStringStartsWith('at_least: ', (string) Refused::orNull(static fn(): array => self::answer([], 1)));
    }

    /**
     * @param array<string, int> $pieces grams
     * @param array<string, int> $bins
     */
    private static function record(array $pieces, array $bins): \stdClass
    {
        $mg = static fn(array $of): \stdClass => (object) array_map(static fn(int $it): int => 1_000 * $it, $of);

        return (object) ['ap_mg' => 1_000_000, 'pieces' => $mg($pieces), 'bins' => $mg($bins)];
    }

    /**
     * @param list<\stdClass> $records
     *
     * @return array<string, mixed>
     */
    private static function answer(array $records, int $atLeast): array
    {
        return Recalibrate::read(Node::of((object) ['format' => 'deft-blade.recalibrate/1', 'standard' => Package::plain('portion')->document->standard, 'records' => $records, 'coverage' => 0.9, 'confidence' => 0.95, 'at_least' => $atLeast]))->answer();
    }
}
