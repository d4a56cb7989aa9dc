<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\ClassPoint;
use DeftBlade\Core\Trends\ControlChart;
use DeftBlade\Core\Trends\Measure;
use DeftBlade\Core\Trends\Signal;
use OpenApi\Attributes as OA;

/** An individuals chart of one measure over the classes of a standard. */
#[OA\Schema]
final readonly class TrendChartView
{
    /** @param list<SignalView> $signals */
    private function __construct(
        #[OA\Property(type: 'string', enum: Measure::class)]
        public Measure $measure,
        #[OA\Property(description: 'Classes that say it.')]
        public int $classes,
        #[OA\Property]
        public float $mean,
        #[OA\Property]
        public float $lower,
        #[OA\Property]
        public float $upper,
        #[OA\Property(type: 'array', items: new OA\Items(ref: SignalView::class), description: 'In the order of time.')]
        public array $signals,
    ) {}

    /**
     * @param list<ClassPoint> $classes
     *
     * @return self|null where fewer than two classes say it
     */
    public static function of(Measure $measure, array $classes): ?self
    {
        $means = array_filter(array_map(static fn(ClassPoint $it): ?float => $it->mean($measure), $classes), is_float(...));
        if (count($means) < 2) {
            return null;
        }
        $places = array_keys($means);
        $chart = new ControlChart(array_values($means));
        $limits = $chart->limits()->within($measure->least(), $measure->most());

        return new self($measure, count($means), $limits->mean, $limits->lower, $limits->upper, array_map(static fn(Signal $it): SignalView => new SignalView($places[$it->index], $it->rule), $chart->signals()));
    }
}
