<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\Resources\BenchView;
use App\Http\Resources\EarlierView;
use App\Http\Resources\PracticalView;
use App\Http\Resources\WaitingView;
use App\Models\Assessment;
use App\School\School;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final class BenchController
{
    private const EARLIER_A_PAGE = 6;

    private const COMING_DAYS = 14;

    private const MOST_PAGES = 10_000;

    public function __construct(private readonly School $school) {}

    #[OA\Get(path: '/bench', operationId: 'bench', tags: ['bench'])]
    #[OA\Response(response: 200, description: 'Every practical of today, the last ones before, what comes, and what waits', content: new OA\JsonContent(ref: BenchView::class))]
    #[OA\Response(response: 403, ref: '#/components/responses/Problem')]
    public function show(): JsonResponse
    {
        Gate::authorize('viewAny', Assessment::class);
        $today = $this->school->today()->toDateString();
        $until = $this->school->today()->addDays(self::COMING_DAYS)->toDateString();
        $held = self::practicals()->where('held_on', $today)->orderBy('title')->get();
        $coming = self::practicals()->where('held_on', '>', $today)->where('held_on', '<=', $until)->oldest('held_on')->get();
        $earlier = $this->earlierThan($today, 1);
        $waiting = [];
        foreach ([...$held, ...$earlier->take(self::EARLIER_A_PAGE)] as $assessment) {
            array_push($waiting, ...WaitingView::in($assessment, PracticalView::of($assessment, $this->school), $this->school->sentences()));
        }

        return new JsonResponse(new BenchView(
            $today,
            $this->views($held),
            $this->views($earlier->take(self::EARLIER_A_PAGE)),
            $this->views($coming),
            $waiting,
            $earlier->count() > self::EARLIER_A_PAGE,
        ));
    }

    #[OA\Get(path: '/bench/earlier', operationId: 'benchEarlier', tags: ['bench'])]
    #[OA\QueryParameter(name: 'page', description: 'From 1, the page the Bench shows.', schema: new OA\Schema(type: 'integer', minimum: 1))]
    #[OA\Response(response: 200, description: 'Practicals of earlier days, the latest first', content: new OA\JsonContent(ref: EarlierView::class))]
    public function earlier(Request $request): JsonResponse
    {
        Gate::authorize('viewAny', Assessment::class);
        $request->validate(['page' => ['integer', 'min:1', 'max:'.self::MOST_PAGES]]);
        $found = $this->earlierThan($this->school->today()->toDateString(), max(1, $request->integer('page', 1)));

        return new JsonResponse(new EarlierView($this->views($found->take(self::EARLIER_A_PAGE)), $found->count() > self::EARLIER_A_PAGE));
    }

    /** @return Collection<int, Assessment> a page, and one more where there is a next */
    private function earlierThan(string $date, int $page): Collection
    {
        return self::practicals()->where('held_on', '<', $date)->latest('held_on')->orderBy('id')->offset(($page - 1) * self::EARLIER_A_PAGE)->limit(self::EARLIER_A_PAGE + 1)->get();
    }

    /** @return Builder<Assessment> */
    private static function practicals(): Builder
    {
        return Assessment::query()->with(['group', 'attempts.student', 'attempts.release']);
    }

    /**
     * @param iterable<Assessment> $assessments
     *
     * @return list<PracticalView>
     */
    private function views(iterable $assessments): array
    {
        return array_map(fn(Assessment $it): PracticalView => PracticalView::of($it, $this->school), array_values([...$assessments]));
    }
}
