<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Resources\CaptureView;
use App\Http\Resources\CursorView;
use App\Http\Resources\FloorStationView;
use App\Http\Resources\PresentView;
use App\Models\Assessment;
use App\Models\Presence;
use Carbon\CarbonImmutable;

/** What is new in a class since a cursor. Where nothing is, nothing is graded. */
final readonly class FollowClass
{
    private const MOST_AT_ONCE = 500;

    public function __construct(private GradeClass $grading) {}

    /** @param int|null $after the seq of the last capture seen; null for only where to go on from */
    public function after(Assessment $assessment, ?int $after): CursorView
    {
        $after ??= $assessment->latestSeq();
        $captures = $assessment->captures()->with('user')->where('captures.seq', '>', $after)->limit(self::MOST_AT_ONCE)->get();

        return new CursorView(
            array_values($captures->map(CaptureView::of(...))->all()),
            $this->stations($assessment, array_values($captures->pluck('attempt_id')->unique()->all())),
            $captures->last()->seq ?? $after,
            array_values(Presence::in($assessment)->get()->map(PresentView::of(...))->all()),
            (int) CarbonImmutable::now()->getPreciseTimestamp(3),
        );
    }

    /**
     * @param list<mixed> $ids of attempts
     *
     * @return list<FloorStationView>
     */
    private function stations(Assessment $assessment, array $ids): array
    {
        if ($ids === []) {
            return [];
        }
        $attempts = $assessment->attempts()->whereKey($ids)->with(['student', 'captures'])->get();

        return FloorStationView::allOf($assessment, $attempts, $this->grading->grade($assessment->load('policy'), $attempts));
    }
}
