<?php

declare(strict_types=1);

namespace DeftBlade\Core\Questions;

use DeftBlade\Core\Agreement\Agreement;
use DeftBlade\Core\Compute\Computation;
use DeftBlade\Core\Ledger\Cooling;
use DeftBlade\Core\Ledger\DateMark;
use DeftBlade\Core\Ledger\YieldTest;
use DeftBlade\Core\Planning\Order;
use DeftBlade\Core\Planning\Queue;
use DeftBlade\Core\Planning\Stock;
use DeftBlade\Core\Practice\LearningCurve;
use DeftBlade\Core\Trends\ControlChart;
use DeftBlade\Core\Trends\Items;
use DeftBlade\Core\Trends\Recalibrate;

/** The questions the core answers beside grading. */
final class Questions
{
    /** @var array<string, class-string<Computation>> by the names core/bin/compute knows them under */
    public const ALL = [
        'order' => Order::class,
        'queue' => Queue::class,
        'yield-test' => YieldTest::class,
        'stock' => Stock::class,
        'cooling' => Cooling::class,
        'date-mark' => DateMark::class,
        'agreement' => Agreement::class,
        'items' => Items::class,
        'recalibrate' => Recalibrate::class,
        'control-chart' => ControlChart::class,
        'learning-curve' => LearningCurve::class,
    ];
}
