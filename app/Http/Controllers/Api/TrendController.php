<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\ClassPoint;
use App\Actions\KeepDayNote;
use App\Actions\PractisedStandards;
use App\Actions\ReadClassLook;
use App\Actions\ReadTrends;
use App\Http\ClientId;
use App\Http\CsvFile;
use App\Http\Day;
use App\Http\Resources\ClassLookView;
use App\Http\Resources\ClassPartView;
use App\Http\Resources\ComponentLookView;
use App\Http\Resources\DayNoteView;
use App\Http\Resources\EarlierTotalsView;
use App\Http\Resources\LostColumnView;
use App\Http\Resources\MostLostView;
use App\Http\Resources\TrendChartView;
use App\Http\Resources\TrendClassView;
use App\Http\Resources\TrendStandardView;
use App\Http\Resources\TrendsView;
use App\Models\Assessment;
use App\Models\DayNote;
use App\Models\PublishedStandard;
use App\Models\User;
use App\School\School;
use DeftBlade\Core\Statistics\Sample;
use DeftBlade\Core\Trends\Measure;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** Classes as they follow each other: whether one is like the last ones. */
final class TrendController
{
    private const LONGEST_NOTE = 120;

    private const MG_PER_G = 1_000;

    private const MS_PER_MINUTE = 60_000;

    public function __construct(private readonly ReadTrends $trends, private readonly PractisedStandards $standards) {}

    #[OA\Get(path: '/trends', operationId: 'trends', tags: ['look back'])]
    #[OA\QueryParameter(name: 'standard', description: 'The key of a standard; the one with the most classes where nothing is said.', schema: new OA\Schema(type: 'string'))]
    #[OA\Response(response: 200, description: 'Its classes, with the limits that classes like each other lie between', content: new OA\JsonContent(ref: TrendsView::class))]
    public function show(Request $request): JsonResponse
    {
        Gate::authorize('viewAny', Assessment::class);
        $counts = $this->trends->counts();
        $standard = $this->asked($request, $counts);
        $classes = $standard === null ? [] : $this->trends->classesOf($standard);
        $first = ($classes[0] ?? null)?->assessment->held_on->toDateString();
        $notes = $first === null ? [] : DayNote::query()->with('author')->where('on', '>=', $first)->orderBy('on')->orderBy('at')->get()->all();

        return new JsonResponse(new TrendsView(
            array_map($this->standard(...), array_map(strval(...), array_keys($counts)), array_values($counts)),
            $standard,
            array_map(TrendClassView::of(...), $classes),
            array_values(array_filter(array_map(static fn(Measure $it): ?TrendChartView => TrendChartView::of($it, $classes), Measure::cases()))),
            array_values(array_map(DayNoteView::of(...), $notes)),
        ));
    }

    #[OA\Get(path: '/trends.csv', operationId: 'trendsCsv', tags: ['look back'])]
    #[OA\QueryParameter(name: 'standard', schema: new OA\Schema(type: 'string'))]
    #[OA\Response(response: 200, description: 'A row for each class, the first first', content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string')))]
    public function csv(Request $request): Response
    {
        Gate::authorize('viewAny', Assessment::class);
        $standard = $this->asked($request, $this->trends->counts());
        $round = static fn(?float $value, float $per, int $places): ?float => $value === null ? null : round($value / $per, $places);
        $rows = array_map(static fn(ClassPoint $it): array => [
            $it->assessment->held_on->toDateString(),
            $it->assessment->title,
            $it->assessment->group->fullName(),
            $it->assessment->held->standard->version,
            $it->trays,
            $round($it->mean(Measure::Total), 1, 2),
            $round($it->mean(Measure::PortionYield), 1, 5),
            $round($it->mean(Measure::Loss), 1, 5),
            $round($it->mean(Measure::Scrape), self::MG_PER_G, 2),
            $round($it->mean(Measure::Time), self::MS_PER_MINUTE, 3),
        ], $standard === null ? [] : $this->trends->classesOf($standard));

        return CsvFile::of('classes.csv', [['Date', 'Practical', 'Group', 'Version', 'Trays', 'Total', 'Yield', 'Loss', 'Scrape, g', 'Time, min'], ...$rows]);
    }

    #[OA\Get(path: '/assessments/{assessment}/look-back', operationId: 'classLook', tags: ['look back'])]
    #[OA\PathParameter(name: 'assessment', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'What to teach next, and its totals beside earlier ones', content: new OA\JsonContent(ref: ClassLookView::class))]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    public function ofClass(Assessment $assessment, ReadClassLook $reading, School $school): JsonResponse
    {
        Gate::authorize('view', $assessment);

        return new JsonResponse(ClassLookView::of($reading->of($assessment), $school));
    }

    #[OA\Get(path: '/assessments/{assessment}/look-back.csv', operationId: 'classLookCsv', tags: ['look back'])]
    #[OA\PathParameter(name: 'assessment', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'What cost most, its parts, components and totals, a row each', content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string')))]
    public function ofClassCsv(Assessment $assessment, ReadClassLook $reading, School $school): Response
    {
        Gate::authorize('view', $assessment);
        $look = ClassLookView::of($reading->of($assessment), $school);

        return CsvFile::of("class-$look->held_on.csv", [
            ['Of', 'Name', 'Trays', 'Lowest', 'Median', 'Highest', 'Points', 'Low', 'High'],
            ['Totals', $look->held_on, ...self::spread($look->totals), null, null, null],
            ...array_map(static fn(EarlierTotalsView $it): array => ['Totals', $it->held_on, ...self::spread($it->totals), null, null, null], $look->earlier),
            ...array_map(static fn(ComponentLookView $it): array => ['Component', $it->title, ...self::spread($it->scores), null, null, null], $look->components),
            ...array_map(static fn(MostLostView $it): array => ['Lost at', $it->title, $it->times, null, null, null, -$it->points, null, null], $look->lost),
            ...array_merge(...array_map(static fn(LostColumnView $column): array => array_map(static fn(MostLostView $it, float $points): array => ["Lost at, {$column->factor->value} $column->value", $it->title, $column->trays, null, null, null, -$points, null, null], $look->lost, $column->points), $look->lost_by)),
            ...array_map(static fn(ClassPartView $it): array => [$it->factor->value, $it->difference->value, $it->difference->trays, null, null, null, $it->difference->points?->value, $it->difference->points?->low, $it->difference->points?->high], $look->parts),
        ]);
    }

    #[OA\Put(path: '/day-notes/{id}', operationId: 'noteDay', description: 'Writes down what happened at the school on a day, under an id the screen made (a UUID); sent again it is written once.', tags: ['look back'])]
    #[OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['on', 'text'], properties: [
        new OA\Property(property: 'on', type: 'string', format: 'date'),
        new OA\Property(property: 'text', type: 'string', maxLength: self::LONGEST_NOTE),
    ]))]
    #[OA\Response(response: 204, description: 'Written')]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function note(Request $request, string $id, KeepDayNote $keeping, #[CurrentUser] User $user): Response
    {
        ClientId::check($id, 'id');
        Gate::authorize('plan', Assessment::class);
        $request->validate(['on' => ['required', ...Day::RULES], 'text' => ['required', 'string', 'max:'.self::LONGEST_NOTE]]);
        $keeping->keep(mb_strtolower($id), $request->string('on')->toString(), $request->string('text')->trim()->toString(), $user);

        return new Response(status: Response::HTTP_NO_CONTENT);
    }

    #[OA\Delete(path: '/day-notes/{id}', operationId: 'takeBackDayNote', description: 'Takes it back; where it is gone already, nothing changes.', tags: ['look back'])]
    #[OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 204, description: 'Taken back')]
    public function takeBack(string $id): Response
    {
        ClientId::check($id, 'id');
        Gate::authorize('plan', Assessment::class);
        DayNote::query()->whereKey(mb_strtolower($id))->delete();

        return new Response(status: Response::HTTP_NO_CONTENT);
    }

    /**
     * @param list<float> $of the lowest first
     *
     * @return list<int|float|null> how many, lowest, median, highest
     */
    private static function spread(array $of): array
    {
        return [count($of), $of[0] ?? null, Sample::of($of)->quantile(0.5), $of === [] ? null : $of[count($of) - 1]];
    }

    /** @param array<string, int> $counts classes by key of the standard */
    private function asked(Request $request, array $counts): ?string
    {
        $key = $request->string('standard')->toString();

        return isset($counts[$key]) ? $key : array_key_first($counts);
    }

    /** @param int $classes that were held by it */
    private function standard(string $key, int $classes): TrendStandardView
    {
        $latest = PublishedStandard::latestOf($key) ?? throw new \LogicException('a class was held by something published');

        return new TrendStandardView($latest->id, $key, $this->standards->of($latest)->standard->title, $classes);
    }
}
