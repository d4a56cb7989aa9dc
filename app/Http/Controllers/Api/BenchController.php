<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\ListedTray;
use App\Actions\ReadListedTrays;
use App\Actions\ReadNeeds;
use App\Brief\Marking;
use App\Http\Resources\BenchView;
use App\Http\Resources\EarlierView;
use App\Http\Resources\PracticalView;
use App\Http\Resources\SpareView;
use App\Http\Resources\WaitingView;
use App\Http\StandardsInBrief;
use App\Models\Appeal;
use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\User;
use App\School\School;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection as Assessments;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final class BenchController
{
    private const EARLIER_A_PAGE = 6;

    private const COMING_DAYS = 14;

    private const MOST_PAGES = 10_000;

    public function __construct(private readonly School $school, private readonly StandardsInBrief $standards, private readonly ReadListedTrays $trays) {}

    #[OA\Get(path: '/bench', operationId: 'bench', tags: ['bench'])]
    #[OA\Response(response: 200, description: 'Every practical of today, the last ones before, what comes, and what waits', content: new OA\JsonContent(ref: BenchView::class))]
    #[OA\Response(response: 403, ref: '#/components/responses/Problem')]
    public function show(ReadNeeds $reading, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('viewAny', Assessment::class);
        $today = $this->school->today()->toDateString();
        $until = $this->school->today()->addDays(self::COMING_DAYS)->toDateString();
        $earlier = $this->earlierThan($today, 1);
        $shown = Assessment::query()->where('held_on', '>=', $today)->where('held_on', '<=', $until)->oldest('held_on')->orderBy('title')->get()
            ->concat($earlier->take(self::EARLIER_A_PAGE));
        $views = $this->views($shown, $user);
        $ofDay = static fn(int $side): array => array_values(array_filter($views, static fn(PracticalView $it): bool => ($it->held_on <=> $today) === $side));
        [$ofEarlier, $ofToday, $coming] = [$ofDay(-1), $ofDay(0), $ofDay(1)];
        $sentences = $this->school->sentences();
        $waiting = array_merge(...array_map(static fn(PracticalView $it): array => WaitingView::in($it, $sentences), [...$ofToday, ...$ofEarlier]));

        $asked = Attempt::query()->with('student', 'assessment')->whereHas('row', static fn($row) => $row->whereJsonContains('second_open', $user->id))->oldest('id')->get();
        $waiting = [...array_values($asked->map(static fn(Attempt $it): WaitingView => WaitingView::yourLook($it, $sentences))->all()), ...$this->appeals($user), ...$waiting];

        return new JsonResponse(new BenchView($today, $ofToday, $ofEarlier, $coming, $waiting, $earlier->count() > self::EARLIER_A_PAGE, SpareView::of($reading->spare())));
    }

    #[OA\Get(path: '/bench/earlier', operationId: 'benchEarlier', tags: ['bench'])]
    #[OA\QueryParameter(name: 'page', description: 'From 1, the page the Bench shows.', schema: new OA\Schema(type: 'integer', minimum: 1))]
    #[OA\Response(response: 200, description: 'Practicals of earlier days, the latest first', content: new OA\JsonContent(ref: EarlierView::class))]
    public function earlier(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('viewAny', Assessment::class);
        $request->validate(['page' => ['integer', 'min:1', 'max:'.self::MOST_PAGES]]);
        $found = $this->earlierThan($this->school->today()->toDateString(), max(1, $request->integer('page', 1)));

        return new JsonResponse(new EarlierView($this->views($found->take(self::EARLIER_A_PAGE), $user), $found->count() > self::EARLIER_A_PAGE));
    }

    /** @return list<WaitingView> that this person is to decide, to give to somebody, or to put right */
    private function appeals(User $user): array
    {
        $open = Appeal::query()->with('entries', 'attempt.student', 'attempt.assessment')->where(static fn(Builder $it) => $it->undecided()->orWhere->toPutRight())->oldest('answer_by')->get();
        $theirs = $open->filter(static fn(Appeal $it): bool => ! $it->attempt->isBlindTo($user) && ($it->assignee() === null || $it->isDecided() ? $user->role->mayRelease() : $it->assignee() === $user->id));
        $sentences = $this->school->sentences();

        return array_values($theirs->map(static fn(Appeal $it): WaitingView => WaitingView::appeal($it, $sentences))->all());
    }

    /** @return Assessments<int, Assessment> a page, and one more where there is a next */
    private function earlierThan(string $date, int $page): Assessments
    {
        return Assessment::query()->where('held_on', '<', $date)->latest('held_on')->orderBy('id')->offset(($page - 1) * self::EARLIER_A_PAGE)->limit(self::EARLIER_A_PAGE + 1)->get();
    }

    /**
     * @param Assessments<int, Assessment> $assessments
     *
     * @return list<PracticalView>
     */
    private function views(Assessments $assessments, User $user): array
    {
        // The documents themselves are large, and read once in the life of a standard.
        $assessments->load(['group', 'held:id,seq,assessment_id,sha256']);
        $trays = $this->trays->of(array_values($assessments->map(static fn(Assessment $it): string => $it->id)->all()), $user);
        $standards = $this->standards->of($assessments->mapWithKeys(static fn(Assessment $it): array => [$it->held->sha256 => static fn(): \stdClass => $it->held->refresh()->document])->all());
        $markings = Marking::ofEach($assessments, array_map(static fn(array $of): array => array_map(static fn(ListedTray $it): int => $it->station, $of), $trays));
        $sentences = $this->school->sentences();

        return array_values($assessments->map(static fn(Assessment $it): PracticalView => PracticalView::of($it, $trays[$it->id], $standards[$it->held->sha256], $markings[$it->id], $sentences))->all());
    }
}
