<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Lots\ClassAccount;
use DeftBlade\Core\Lots\Flow;
use DeftBlade\Core\Lots\FlowBand;
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
