<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Lots\ClassAccount;
use DeftBlade\Core\Lots\ClassFlow;
use DeftBlade\Core\Lots\Flow;
use DeftBlade\Core\Lots\FlowBand;
use DeftBlade\Core\Lots\FlowMoney;
use DeftBlade\Core\Lots\FlowStage;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Where carcasses went: what comes to a place leaves it. */
final class FlowTest extends TestCase
{
    public function testFollowsCarcassesToWhereTheyWent(): void
    {
        $flow = Flow::of(['Chicken' => new ClassAccount(10_000, 6_000, 2_500, 500, 700, 0)], [[FlowStage::Cuts, FlowStage::Service, 3_500], [FlowStage::Cuts, FlowStage::OnHand, 1_500], [FlowStage::ByProducts, FlowStage::Stock, 2_500]]);
        $bands = array_map(static fn(FlowBand $it): array => [$it->from, $it->to, $it->massMg], $flow->bands);
        self::assertSame([
            ['Chicken', 'cuts', 6_000], ['Chicken', 'by_products', 2_500], ['Chicken', 'waste', 500], ['Chicken', 'open', 700], ['Chicken', 'loss', 300],
            ['cuts', 'service', 3_500], ['cuts', 'on_hand', 1_500], ['by_products', 'stock', 2_500], ['cuts', 'tables', 1_000], ['waste', 'tables', 500],
        ], $bands);
        self::assertSame(['eaten' => 3_500, 'cooked' => 2_500, 'lost' => 300, 'here' => 3_700], $flow->ends());
        self::assertSame([10_000, 6_000, 1_500], [$flow->through('Chicken'), $flow->through('cuts'), $flow->through('tables')]);
    }

    public function testMoneyGoesWhereTheMassWent(): void
    {
        $chicken = new ClassFlow('Chicken', new ClassAccount(10_000, 6_000, 2_500, 500, 0, 0), [[FlowStage::Cuts, FlowStage::Service, 6_000], [FlowStage::ByProducts, FlowStage::Stock, 2_500], [FlowStage::Waste, FlowStage::Bin, 500]]);
        $trout = new ClassFlow('Sea trout', new ClassAccount(2_000, 2_000, 0, 0, 0, 0), [[FlowStage::Cuts, FlowStage::OnHand, 2_000]]);
        $money = FlowMoney::of([[$chicken, 0.05], [$trout, 0.15]]);
        self::assertSame([800, ['eaten' => 300, 'cooked' => 125, 'lost' => 75, 'here' => 300]], [$money->wholeMinor, $money->endsMinor], '10 g of chicken for 5.00, 2 g of trout for 3.00');
        self::assertSame(0, FlowMoney::of([])->wholeMinor);
        self::assertSame([12_000, ['eaten' => 6_000, 'cooked' => 2_500, 'lost' => 1_500, 'here' => 2_000]], [ClassFlow::together([$chicken, $trout])->deliveredMg, ClassFlow::together([$trout, $chicken])->ends()]);
    }

    public function testNoCentIsLostOnTheWay(): void
    {
        $random = new Randomizer(new Mt19937(20261127));
        for ($term = 0; $term < 200; $term++) {
            $classes = [];
            $paid = 0.0;
            for ($class = 0; $class < $random->getInt(1, 5); $class++) {
                [$cuts, $waste, $loss] = [$random->getInt(0, 9_999), $random->getInt(0, 999), $random->getInt(0, 99)];
                $out = $random->getInt(0, $cuts);
                $perMg = $random->getInt(1, 999) / 7;
                $classes[] = [new ClassFlow('Chicken', new ClassAccount($cuts + $waste + $loss, $cuts, 0, $waste, 0, 0), [[FlowStage::Cuts, FlowStage::Service, $out]]), $perMg];
                $paid += ($cuts + $waste + $loss) * $perMg;
            }
            $money = FlowMoney::of($classes);
            self::assertSame((int) round($paid), $money->wholeMinor);
            self::assertSame($money->wholeMinor, array_sum($money->endsMinor));
        }
    }

    public function testWhatComesInGoesOutForAnyWeek(): void
    {
        $random = new Randomizer(new Mt19937(20261126));
        for ($week = 0; $week < 200; $week++) {
            $delivered = $gone = [];
            $in = ['cuts' => 0, 'by_products' => 0, 'waste' => 0];
            foreach (['Chicken', 'Sea trout', 'Leg of lamb'] as $species) {
                [$cuts, $byProducts, $waste, $open, $loss] = array_map(static fn(): int => $random->getInt(0, 3) * $random->getInt(0, 9_999), range(1, 5));
                $delivered[$species] = new ClassAccount($cuts + $byProducts + $waste + $open + $loss, $cuts, $byProducts, $waste, $open, 0);
                $in = ['cuts' => $in['cuts'] + $cuts, 'by_products' => $in['by_products'] + $byProducts, 'waste' => $in['waste'] + $waste];
            }
            foreach ([FlowStage::Cuts, FlowStage::ByProducts, FlowStage::Waste] as $stage) {
                foreach ([FlowStage::Service, FlowStage::Stock, FlowStage::Bin, FlowStage::OnHand] as $end) {
                    $some = $random->getInt(0, $in[$stage->value]);
                    $in[$stage->value] -= $some;
                    $gone[] = [$stage, $end, $some];
                }
            }
            $flow = Flow::of($delivered, $gone);
            self::assertSame($flow->deliveredMg, array_sum($flow->ends()), 'every milligram that came in is somewhere');
            foreach (['cuts', 'by_products', 'waste'] as $middle) {
                self::assertSame(self::sum($flow, 'to', $middle), self::sum($flow, 'from', $middle), $middle);
            }
        }
    }

    private static function sum(Flow $flow, string $side, string $place): int
    {
        return array_sum(array_map(static fn(FlowBand $it): int => $it->{$side} === $place ? $it->massMg : 0, $flow->bands));
    }
}
