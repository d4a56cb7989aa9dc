<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\GradeClass;
use App\Http\Resources\BenchView;
use App\Http\Resources\PracticalView;
use App\Http\Resources\WaitingView;
use App\Models\Assessment;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final class BenchController
{
    private const EARLIER = 4;

    private const PLANNED_DAYS = 14;

    #[OA\Get(path: '/bench', operationId: 'bench', tags: ['bench'])]
    #[OA\Response(response: 200, description: 'What is on today and what waits', content: new OA\JsonContent(ref: BenchView::class))]
    #[OA\Response(response: 403, ref: '#/components/responses/Problem')]
    public function show(GradeClass $grading): JsonResponse
    {
        Gate::authorize('viewAny', Assessment::class);
        $date = CarbonImmutable::today();
        $today = $earlier = $planned = $waiting = [];
        $assessments = Assessment::query()
            ->with(['group', 'policy', 'attempts.student', 'attempts.release', 'attempts.captures'])
            ->where('held_on', '<=', $date)->latest('held_on')->limit(self::EARLIER + 2)->get();
        $coming = Assessment::query()->with(['group', 'policy', 'attempts.student', 'attempts.release', 'attempts.captures'])
            ->where('held_on', '>', $date)->where('held_on', '<=', $date->addDays(self::PLANNED_DAYS))->oldest('held_on')->get();
        foreach ($coming as $assessment) {
            $planned[] = PracticalView::of($assessment, $grading->grade($assessment, $assessment->attempts));
        }
        foreach ($assessments as $assessment) {
            $practical = PracticalView::of($assessment, $grading->grade($assessment, $assessment->attempts));
            $assessment->held_on->isSameDay($date) ? $today[] = $practical : $earlier[] = $practical;
            array_push($waiting, ...WaitingView::in($assessment, $practical));
        }

        return new JsonResponse(new BenchView($date->toDateString(), $today, $earlier, $planned, $waiting));
    }
}
