<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Carcass\EvennessMeasure;
use DeftBlade\Core\Package\PackageFormat;
use DeftBlade\Core\Tests\Support\Package;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Pieces that are sets of portions, groups that must weigh alike, yields of a standard's own, split times at checkpoints. */
final class PortionsTest extends TestCase
{
    /** Worked by hand: 24, 25, 26, 25 g have a mean of 25 and a sample deviation of √(2/3). */
    public function testTheMeasuresOfEvenness(): void
    {
        self::assertEqualsWithDelta(sqrt(2 / 3) / 25, EvennessMeasure::Cv->of([24, 25, 26, 25]), 1e-12);
        self::assertEqualsWithDelta(2 / 25, EvennessMeasure::Range->of([24, 25, 26, 25]), 1e-12);
        self::assertSame([0.0, 0.0], [EvennessMeasure::Cv->of([]), EvennessMeasure::Range->of([7])]);
    }

    /** NIST StRD, univariate summary statistics, dataset NumAcc1: 10000001, 10000003, 10000002 have a certified standard deviation of 1. */
    public function testTheCoefficientOfVariationAgreesWithACertifiedValue(): void
    {
        self::assertEqualsWithDelta(1 / 10_000_002, EvennessMeasure::Cv->of([10_000_001, 10_000_003, 10_000_002]), 1e-15);
    }

    /** @return array<string, array{list<float>, float, string}> */
    public static function sets(): array
    {
        return [
            'even' => [[100, 100, 100], 100.0, ''],
            // Range 20/100 against a limit of 0.10 and a fade of 1: nothing left of the item, which is one of three (two pieces, one set).
            'as uneven as twice the limit' => [[90, 100, 110], 200 / 3, 'Left: heaviest and lightest are apart by 20 % over 3 portions, up to 10 % is free'],
            'halfway' => [[92.5, 100, 107.5], 500 / 6, 'apart by 15 %'],
        ];
    }

    /** @param list<float> $grams */
    #[DataProvider('sets')]
    public function testEvennessIsAnItemOfThePortionComponent(array $grams, float $score, string $reason): void
    {
        $result = self::set(['range' => 0.1])->attempt('a', ['ap' => 1800, 'portions' => ['left' => $grams], 'right' => 300])->grade()['attempts'][0];
        self::assertEqualsWithDelta($score, $result['components'][0]['score'], 1e-9);
        self::assertStringContainsString($reason, $result['reasons'][0]['text'] ?? '');
        self::assertSame([300_000, 3], [$result['pieces'][0]['mass_mg'], $result['pieces'][0]['portions']['weighed']]);
        self::assertEqualsWithDelta(100 - $result['total'], array_sum(array_column($result['reasons'], 'lost')), 0.06);
    }

    public function testASetIsPendingUntilItsLastPortionUnlessTheTrayIsPresented(): void
    {
        $open = ['ap' => 1800, 'portions' => ['left' => [100, 100]], 'right' => 300];
        [$waiting, $presented] = self::set(['cv' => 0.15])->attempt('a', $open)->attempt('b', $open + ['clock' => [0 => 'start', 60 => 'stop']])->grade()['attempts'];
        self::assertSame(['pending', null, 'pending'], [$waiting['components'][0]['state'], $waiting['pieces'][0]['mass_mg'], $waiting['pieces'][0]['verdict']]);
        self::assertSame([null, 0.0], [$waiting['pieces'][0]['portions']['score'], (float) $presented['pieces'][0]['portions']['score']]);
        self::assertSame(['scored', 200_000, 'under'], [$presented['components'][0]['state'], $presented['pieces'][0]['mass_mg'], $presented['pieces'][0]['verdict']]);
        self::assertContains('Left: 2 of 3 portions weighed by themselves, so how even they are earns nothing', array_column($presented['reasons'], 'text'));
    }

    public function testTheLaterWayOfWeighingASetHolds(): void
    {
        $package = self::set([])->attempt('together', ['ap' => 1800, 'left' => 300, 'right' => 300])
            ->attempt('then by portions', ['ap' => 1800, 'left' => 305, 'right' => 300, 'portions' => ['left' => [100, 100, 100]]])
            ->attempt('then together', ['ap' => 1800, 'portions' => ['left' => [100, 100, 100]], 'right' => 300, 'left' => 305])
            ->attempt('begun by portions', ['ap' => 1800, 'left' => 305, 'right' => 300, 'portions' => ['left' => [100]]]);
        $pieces = array_map(static fn(array $it): array => $it['pieces'][0], $package->grade()['attempts']);
        self::assertSame([300_000, 300_000, 305_000, null], array_column($pieces, 'mass_mg'));
        self::assertEquals(['within', null], [$pieces[0]['verdict'], $pieces[0]['portions']['score']]);
        self::assertSame('pending', $pieces[3]['verdict']);
    }

    /**
     * The errors of one scale go the same way, so uncertainties of portions add up (JCGM 100:2008, 5.2.2, note 1). By hand, d = 1 g in service: three loads of
     * 89 g have u = √(1/3 + 1/6 + 0.178²) = 0.729 g each, 2.187 g together, against 0.886 g of one load of 267 g; so what is under as one load is allowed as three.
     */
    public function testThreeWeighingsAreLessSureThanOne(): void
    {
        [$one, $three] = self::set([])->attempt('a', ['ap' => 1800, 'left' => 267, 'right' => 300])
            ->attempt('b', ['ap' => 1800, 'right' => 300, 'portions' => ['left' => [89, 89, 89]]])->grade()['attempts'];
        self::assertSame(['under', 'allowed'], [$one['pieces'][0]['verdict'], $three['pieces'][0]['verdict']]);
    }

    /** Common practice: the four breast portions of a sauté cut weigh within 10 % of each other. */
    public function testAGroupHasOneImbalanceAndMayHaveATolerance(): void
    {
        $package = Package::plain('pairs', tolerance: 0.06, fade: 1.0)->with(static function (\stdClass $it): void {
            $it->format = PackageFormat::Two->value;
            $it->standard->pieces[] = (object) ['id' => 'third', 'title' => 'Third', 'parts' => [], 'window' => (object) ['basis' => 'mass', 'low' => 1, 'high' => 2]];
            $it->standard->pairs = [(object) ['pieces' => ['left', 'right', 'third'], 'tolerance' => 0.1]];
        });
        [$alike, $apart, $short] = $package->attempt('a', ['left' => 100, 'right' => 105, 'third' => 95])->attempt('b', ['left' => 100, 'right' => 107.5, 'third' => 92.5])
            ->attempt('c', ['left' => 100, 'right' => 100, 'clock' => [0 => 'start', 9 => 'stop']])->grade()['attempts'];
        self::assertEquals(100, $alike['components'][0]['score']);
        self::assertEqualsWithDelta(50, $apart['components'][0]['score'], 1e-9);
        self::assertSame('left, right and third: 107.5 g against 92.5 g, apart by 15 %; up to 10 % is free', $apart['reasons'][0]['text']);
        self::assertSame('left, right and third: one of the group is not on the tray', $short['reasons'][0]['text']);
    }

    public function testAStandardSetsItsOwnYieldOrLeavesItOut(): void
    {
        $grade = static function (mixed $yield): array {
            $package = Package::plain('yield', floor: 0.1, target: 0.9)->with(static function (\stdClass $it) use ($yield): void {
                $it->format = PackageFormat::Two->value;
                $it->standard->yield = $yield;
                $it->policy->components[] = (object) ['id' => 'time', 'weight' => 1];
            });

            return $package->attempt('a', ['ap' => 1000, 'left' => 170, 'right' => 170, 'clock' => [0 => 'start', 9 => 'stop']])->grade()['attempts'][0]['components'][0];
        };
        self::assertEqualsWithDelta(70, $grade((object) ['floor' => 0.2, 'target' => 0.4])['score'], 1e-9);
        self::assertSame('dropped', $grade(null)['state']);
    }

    public function testACheckpointSplitsTheTimeAsTheClockRan(): void
    {
        $package = Package::plain('portion', fade: 1.0)->with(static function (\stdClass $it): void {
            $it->format = PackageFormat::Two->value;
            $it->standard->checkpoints = [(object) ['id' => 'trussed', 'criteria' => []]];
        });
        $result = $package->attempt('a', ['clock' => [0 => 'start', 120 => 'pause', 300 => 'resume', 900 => 'stop'], 'checkpoints' => ['trussed' => 580]])->grade()['attempts'][0];
        self::assertSame([['checkpoint' => 'trussed', 'running_ms' => 400_000]], $result['splits']);
    }

    /** @param array<string, float> $limit */
    private static function set(array $limit): Package
    {
        return Package::plain('portion', fade: 1.0)->with(static function (\stdClass $it) use ($limit): void {
            $it->format = PackageFormat::Two->value;
            $it->standard->pieces[0]->title = 'Left';
            $it->standard->pieces[0]->portions = (object) (['count' => 3] + $limit);
        });
    }
}
