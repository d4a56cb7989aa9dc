<?php

declare(strict_types=1);

namespace App\Brief;

use DeftBlade\Core\Planning\ServiceShape;
use DeftBlade\Core\Planning\ServiceTime;
use Illuminate\Support\Facades\DB;

/** How long a tray takes at the scale here: from the school's own trays where there are enough, else a usual figure. */
final readonly class WeighingTimes
{
    private const ENOUGH = 20;

    private const LATEST = 200;

    /** Longer is no weighing but a break in it. */
    private const LONGEST_S = 1_800;

    /** From memory: twelve or thirteen readings of ten to fifteen seconds; replaced by the school's own as soon as there are 20 trays. */
    private const USUAL_MEAN_S = 150.0;

    private const USUAL_CV = 0.4;

    private function __construct(public ServiceTime $service, public int $trays, public bool $isOwn) {}

    public static function ofSchool(): self
    {
        $seconds = DB::table('captures')->whereIn('kind', ['piece', 'bin', 'scrape'])
            ->groupBy('attempt_id')->havingRaw('count(*) > 2')->orderByRaw('max(seq) DESC')->limit(self::LATEST)
            ->pluck(DB::raw('extract(epoch from max(at) - min(at))::float as seconds'))
            ->map(static fn(mixed $it): float => is_numeric($it) ? (float) $it : 0.0)
            ->filter(static fn(float $it): bool => $it > 0 && $it <= self::LONGEST_S);
        $count = $seconds->count();
        if ($count < self::ENOUGH) {
            return new self(new ServiceTime(self::USUAL_MEAN_S, self::USUAL_CV, ServiceShape::Lognormal), $count, false);
        }
        $mean = (float) $seconds->avg();
        $variance = $seconds->sum(static fn(float $it): float => ($it - $mean) ** 2) / ($count - 1);

        return new self(new ServiceTime($mean, sqrt($variance) / $mean, ServiceShape::Lognormal), $count, true);
    }
}
