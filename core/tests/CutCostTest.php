<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Lots\CutCost;
use DeftBlade\Core\Lots\Destination;
use DeftBlade\Core\Lots\FlowEnd;
use DeftBlade\Core\Lots\FlowStage;
use PHPUnit\Framework\TestCase;

/** What a cut came to, and where it went in the end. */
final class CutCostTest extends TestCase
{
    /** By hand: 12.40 for 1.6 kg and 3.10 for 0.4 kg are 15.50 for 2 kg, 7.75 a kilogram. */
    public function testCostsAddUpToAPriceAKilogram(): void
    {
        $sum = (new CutCost(1_600_000, 1_240))->plus(new CutCost(400_000, 310));
        self::assertSame([2_000_000, 1_550, 775], [$sum->massMg, $sum->minor, $sum->perKgMinor()]);
        // Half a cent goes up: 1 cent for 2 kg.
        self::assertSame(1, (new CutCost(2_000_000, 1))->perKgMinor());
    }

    public function testWhatCannotBeSaidOfOneCannotBeSaidOfBoth(): void
    {
        foreach ([[new CutCost(1, null), new CutCost(1, 5)], [new CutCost(1, 5), new CutCost(1, null)]] as [$one, $other]) {
            self::assertSame([2, null, null], [$one->plus($other)->massMg, $one->plus($other)->minor, $one->plus($other)->perKgMinor()]);
        }
        self::assertNull((new CutCost(0, 5))->perKgMinor());
    }

    /** Nothing that leaves goes nowhere: what is put away is eaten, cooked or lost, and every end has a place. */
    public function testEveryDestinationEndsSomewhere(): void
    {
        $ends = array_column(array_map(static fn(Destination $it): array => [$it->value, FlowStage::ofDestination($it)->end()], Destination::cases()), 1, 0);
        self::assertEquals(['service' => FlowEnd::Eaten, 'practical' => FlowEnd::Eaten, 'staff' => FlowEnd::Eaten, 'stock' => FlowEnd::Cooked, 'render' => FlowEnd::Cooked, 'mince' => FlowEnd::Cooked, 'waste' => FlowEnd::Lost], $ends);
        $through = array_filter(FlowStage::cases(), static fn(FlowStage $it): bool => $it->end() === null);
        self::assertSame([FlowStage::Cuts, FlowStage::ByProducts, FlowStage::Waste], array_values($through));
        self::assertSame([], array_filter(FlowEnd::cases(), static fn(FlowEnd $end): bool => array_filter(FlowStage::cases(), static fn(FlowStage $it): bool => $it->end() === $end) === []));
    }
}
